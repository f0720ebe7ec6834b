# frozen_string_literal: true

module Meander
  module Work
    # Tasks in the order they are done: as the maker put them, each of the others where it usually comes, never before
    # what it needs nor after what needs it.
    class Sequence
      # What cannot be done where it stands: task; needs: the task that must come before it, nil where the ends it needs
      # open are closed; wire: the id of such a wire; why: in words.
      Break = Struct.new(:task, :needs, :wire, :why, keyword_init: true)

      SIDES = %w[start end].freeze

      # Tasks in their order, and what breaks in it.
      attr_reader :tasks, :breaks

      # Of a plan (Planner::Plan), as its document asks.
      def self.of(plan) = new(Tasks.call(plan), plan.piece.document[:steps])

      # usual: Task values as they usually come; asked: ids, as far as the maker put them in an order.
      def initialize(usual, asked = [])
        @usual = usual.to_h { |task| [task.key, task] }
        @rank = @usual.keys.each_with_index.to_h
        @before = usual.to_h { |task| [task.key, closure(task.key)] }
        put = asked.filter_map { |id| usual.find { |task| task.id == id } }
        @tasks = (usual - put).reduce(put) { |placed, task| with(placed, task) }.freeze
        @breaks = @tasks.each_index.flat_map { |i| [*needs_after(i), *closed_before(i)] }.freeze
        freeze
      end

      private

      # Keys of all that must come before a task, step by step.
      def closure(key, found = {})
        @usual.fetch(key).needs.each do |need|
          next if found.key?(need.key) || !@usual.key?(need.key)

          found[need.key] = true
          closure(need.key, found)
        end
        found
      end

      # After all that usually comes before it, as far as what it needs and what needs it allow; where the maker's own
      # order breaks, what it needs comes first.
      def with(placed, task)
        own, needed = @rank[task.key], @before[task.key]
        at = after(placed) { |one| @rank[one.key] < own }
        earliest = after(placed) { |one| needed.key?(one.key) }
        latest = placed.index { |one| @before[one.key].key?(task.key) } || placed.size
        placed.dup.insert(at.clamp(earliest, [earliest, latest].max), task)
      end

      def after(placed, &) = (placed.rindex(&) || -1) + 1

      def needs_after(index)
        task = @tasks[index]
        task.needs.filter_map do |need|
          other = @tasks.drop(index + 1).find { |one| one.key == need.key } or next
          Break.new(task:, needs: other, why: need.why).freeze
        end
      end

      def closed_before(index)
        closed = @tasks.first(index).flat_map(&:closes)
        task = @tasks[index]
        task.slides.select { |wire| SIDES.all? { |side| closed.include?([wire, side]) } }
          .map { |wire| Break.new(task:, wire:).freeze }
      end
    end
  end
end
