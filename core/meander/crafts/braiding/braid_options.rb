# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # A braid on its own, belonging to no piece: so many strands of one wire, a length, perhaps beads.
      class BraidOptions
        include Units::OptionTexts

        OPTIONS = %w[strands diameter length bead every on pitch scheme wires lay slack].freeze
        NEEDED = %w[strands diameter length].freeze
        RANGES = {"diameter" => 0.05..6.0, "length" => 1.0..Layout::LONGEST_MM, "bead" => 0.3..60.0,
          "pitch" => 0.05..500.0, "lay" => 0.1..100.0}.freeze
        ON = {"middle" => "middle", "edge" => "near", "far-edge" => "far", "strand" => "strand"}.freeze
        # What of a placement of beads an option says.
        SAID = {"room" => "pitch", "inner" => "pitch", "bead" => "bead", "on" => "on"}.freeze
        # A bead that is round and has no other fields.
        Round = Struct.new(:along_mm) do
          def across_mm = along_mm
          def depth_mm = along_mm
        end

        attr_reader :strands, :scheme, :length_mm, :slack, :beading, :every, :bead_figure, :course

        # texts: option => text as typed, see OPTIONS.
        # @raise [Error] naming the option, what was given and what is accepted
        def self.read(texts) = new(texts)

        def initialize(texts)
          @texts = texts
          needs(NEEDED)

          count = whole("strands", nil, Fields::LEAST..Fields::MOST)
          @mm, @length_mm = size("diameter"), size("length")
          @slack = share("slack", 0.0, 0.0..5.0)
          @strands = read_strands(count).freeze
          @scheme = read_scheme(count)
          @typed = @texts["pitch"] && size("pitch")
          @every = whole("every", 1, 1..500)
          @beading = beads if texts.key?("bead")
          checked unless beading
          @bead_figure = named { beading&.figure }
          bounded
          @course = found? ? Braid::FlatCourse.new(strands.size, kinds, figures) :
            Braid::RoundCourse.new(scheme, kinds, figures)
          freeze
        end

        def d = strands.first.wide_mm
        def thick_mm = strands.first.thick_mm
        def flat? = !@texts.key?("scheme")
        def known? = flat? && Braid::PlainFigure::SHAPES.key?(strands.size)
        def found? = known? && (beading.nil? || beading.found?)
        def assumed? = !found?
        def begun = "near"
        def leading = 0
        def tubes = Braid::LaidFigure::Strands.new(scheme, d, thick_mm, nil)

        # How far a plain stitch advances; of beads the option says another one.
        def pitch_mm = (beading ? nil : @typed) || Pitch.usual_mm(self)

        # What a stitch advances, with a bead where all have one.
        def advance_mm = (every == 1 && bead_figure) ? bead_figure.advance_mm : pitch_mm

        # So many stitches, or rounds, come nearest to the length.
        def stitches
          [(length_mm / mean_mm).round, 1].max
        end

        private

        Wire = Struct.new(:mm)

        # What a stitch advances on average.
        def mean_mm
          return pitch_mm unless bead_figure
          return bead_figure.advance_mm if beading.on == "strand"

          (bead_figure.advance_mm + ((every - 1) * pitch_mm)) / every
        end

        # Of every stitch the numbers of its beads: the one placement's, or none.
        def kinds
          carrying = beading ? beading.stitches(stitches) : []
          Array.new(stitches) { |i| carrying.include?(i) ? [0] : [] }
        end

        def figures
          plain = found? ? Pitch.figure(self) : Braid::LaidFigure.new(tubes, pitch_mm) if kinds.include?([])
          plain = plain ? {[] => plain} : {}
          kinds.include?([0]) ? {**plain, [0] => bead_figure} : plain
        end

        # Side by side, or twisted to a cord where a lay is said.
        def read_strands(count)
          wires = whole("wires", 1, 1..(@texts.key?("lay") ? 4 : 3))
          twist = {lay: Units::Size.new(size("lay"), @texts["lay"]), hand: "right"} if @texts.key?("lay")
          strands = Strand.all(Array.new(count) { {wires:, twist:} }, Array.new(count * wires) { Wire.new(@mm) })
          least = strands.first.least_lay_mm
          return strands if twist.nil? || (wires > 1 && strands.first.lay_mm >= least - 1e-9)

          raise Error, "--lay: #{@texts["lay"]} cannot be twisted so; accepted: two wires and more, " \
            "#{Units::Text.number(least, 2)} mm or more"
        end

        def read_scheme(count)
          return Braid::Scheme.flat(count) if flat?

          crossings = named("scheme") { Braid::Notation.read(@texts["scheme"], count) }
          made = Braid::Scheme.of(count, crossings)
          loose = Braid::Holding.call(made)
          raise Error, "--scheme: this comes undone: #{loose.words}; accepted: crossings that hold" if loose

          made
        end

        # The same rules as of a braid in a piece; what it refuses is told by the option.
        def beads
          on = @texts.fetch("on", "middle")
          raise Error, "--on: “#{on[0, 30]}” is no such place; accepted: #{ON.keys.join(", ")}" unless ON.key?(on)

          where = ON.fetch(on)
          unless Beading.lies?(where, self)
            raise Error, "--on: #{BeadChecks::WHERE.fetch(where)}; accepted: edge, far-edge, or --strands 3"
          end

          Beading.of(placement(where), Round.new(size("bead")), self, place: "", radius_mm: nil)
        end

        def placement(on)
          fields = {on:, every: [every], first: 0, last: 0, count: 0, room: nil, inner: nil}
          return fields unless @typed
          return {**fields, inner: Units::Size.new(@typed, @texts["pitch"])} if BeadChecks::EDGES.include?(on)

          tight = (on == "strand") ? Braid::FilledFigure.tight_mm(d, size("bead")) : size("bead")
          least = tight + ((on == "middle") ? Braid::MiddleFigure::LEAST_ROOM * d : 0.0)
          if @typed < least - 1e-9
            raise Error, "--pitch: #{@texts["pitch"]} is less than a stitch with a bead takes; accepted: " \
              "#{Units::Text.number(least, 2)} mm or more"
          end

          {**fields, room: Units::Size.new([@typed - tight, 0.0].max, @texts["pitch"])}
        end

        def checked
          least = Pitch.least_mm(self)
          return if pitch_mm >= least - 1e-9

          raise Error, "--pitch: #{@texts["pitch"]} is tighter than such strands can be drawn down; accepted: " \
            "#{Units::Text.number(least, 2)} mm or more"
        end

        def bounded
          crossings = stitches * scheme.crossings.size
          return if crossings <= Layout::MOST_CROSSINGS

          raise Error, "--length: #{crossings} crossings; accepted: up to #{Layout::MOST_CROSSINGS} crossings"
        end

        # What is refused inside is told by its option.
        def named(option = nil)
          yield
        rescue InvalidInput => e
          fault = e.faults.first
          told = option || SAID.fetch(fault.path.delete_prefix("/"), "bead")
          raise Error, "--#{told}: #{fault.message}; accepted: #{fault.accepted}"
        rescue Error => e
          raise option ? Error.new("--#{option}: #{e.message}") : e
        end

        def size(option) = size_of(option, @texts[option], RANGES.fetch(option))
      end
    end
  end
end
