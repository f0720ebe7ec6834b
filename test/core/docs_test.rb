# frozen_string_literal: true

require_relative "../test_helper"

# What the docs point at is there.
class DocsTest < Minitest::Test
  PAGES = [*Dir[File.join(ROOT, "docs/**/*.md")], *Dir[File.join(ROOT, "*.md")]].freeze

  def links(page) = File.read(page).scan(/\]\(([^)\s#]+)(?:#[^)]*)?\)/).flatten.reject { |link| link.match?(/\A\w+:/) }

  def test_every_link_leads_somewhere
    PAGES.each { |page|
      links(page).each { |link|
        assert_path_exists File.expand_path(link, File.dirname(page)), page
      }
    }

    assert_operator links(File.join(ROOT, "docs/architecture.md")).size, :>, 20
  end

  # A constant that is named as such stands in the core or the server.
  def test_constants_named_in_the_docs_are_there
    Meander::Loader.everything
    known = Dir[File.join(ROOT, "{core,server}/**/*.rb")].map { |file| File.read(file) }.join
    PAGES.each do |page|
      File.read(page).scan(/`((?:[A-Z][A-Za-z]+::)+[A-Z][A-Za-z]+)[`#]/).flatten.uniq.each do |name|
        assert_match(/\b(class|module|[A-Z]\w* =) ?#{name.split("::").last}\b|\b#{name.split("::").last} = /, known,
          "#{page}: #{name}")
      end
    end
  end

  # Files named in tables of formulas stand in the core, their checks in the tests.
  def test_files_named_beside_formulas_are_there
    File.read(File.join(ROOT, "docs/formulas.md")).scan(%r{`([a-z_/]+\.rb)`}).flatten.uniq.each do |file|
      assert_path_exists File.join(ROOT, file.start_with?("test/") ? file : "core/meander/#{file}")
    end
  end

  def test_words_are_said_once
    words = File.readlines(File.join(ROOT, "docs/words.md")).filter_map { |line| line[/\A\| ([a-z][^|]*) \|/, 1] }

    assert_operator words.size, :>=, 60
    assert_equal words.sort_by(&:downcase), words
    assert_equal words.uniq, words
  end
end
