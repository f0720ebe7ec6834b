# frozen_string_literal: true

require_relative "../test_helper"
require "bundler"
require "digest"

# What the lock file says of the gems: each has its checksum, and what was installed is what it says. Bundlers from 2.6
# on check that themselves; Debian's older one passes over the section as it stands behind the gems.
class LockedGemsTest < Minitest::Test
  SAID = File.read(File.join(ROOT, "Gemfile.lock")).scan(/^  (\S+) \(([^)]+)\) sha256=(\h{64})$/)
    .to_h { |name, version, sum| ["#{name}-#{version}", sum] }

  def test_every_gem_has_its_checksum
    assert_equal Bundler.locked_gems.specs.map { |spec| "#{spec.name}-#{spec.version}" }.sort, SAID.keys.sort
  end

  def test_what_was_installed_is_what_is_locked
    fetched = Dir[File.join(Bundler.bundle_path, "cache/*.gem")].to_h { |file| [File.basename(file, ".gem"), file] }
    wrong = (fetched.keys & SAID.keys).reject { |name| Digest::SHA256.file(fetched[name]).hexdigest == SAID[name] }

    assert_empty wrong
    assert_operator fetched.size, :>=, 20, "nothing was kept of what was fetched to look at"
  end
end
