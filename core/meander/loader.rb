# frozen_string_literal: true

require "json"

module Meander
  # All that reads files of the core, and only those that are part of it: its sources and its tables of figures.
  # Finds constants by their names: Weave::CourseLaying stands in meander/weave/course_laying.rb. A folder is a module;
  # each Ruby file holds the one class or module it is named for, and is read when that is first asked for.
  module Loader
    # Makes everything in a folder known under a module, and in the folders within.
    def self.folder(space, path)
      Dir.children(path).sort.each do |entry|
        inner = File.join(path, entry)
        next unless File.directory?(inner) || entry.end_with?(".rb")

        name = entry.delete_suffix(".rb").split("_").map(&:capitalize).join.to_sym
        next folder(space.const_set(name, Module.new), inner) if File.directory?(inner)

        space.autoload(name, inner) unless space.const_defined?(name, false)
      end
    end

    # A table of figures that stands among the sources, as a JSON file of that name: "crochet/cells".
    def self.table(name) = JSON.load_file(File.join(__dir__, "#{name}.json")).freeze

    # Reads everything at once, as where processes are forked from one that knows it.
    def self.everything(space = Meander)
      space.constants(false).each do |name|
        inner = space.const_get(name)
        everything(inner) if inner.instance_of?(Module) && space.const_source_location(name)&.first == __FILE__
      end
    end
  end
end
