# frozen_string_literal: true

module Server
  module Photos
    # A JPEG file without what is told in it beside the picture (ISO/IEC 10918-1, annex B: markers and segments).
    module Jpeg
      START, APP0, ICC, EXIF, ADOBE, SCAN, ENDING = 0xD8, 0xE0, 0xE2, 0xE1, 0xEE, 0xDA, 0xD9
      APPS, COMMENT = 0xE0..0xEF, 0xFE
      # Markers without a segment: restarts within a scan, and TEM.
      BARE = [*0xD0..0xD7, 0x01].freeze
      PROFILE = "ICC_PROFILE\0".b

      # bytes: of the file, in binary; upright: how it is to be turned, 1 to 8 as EXIF has it, told again where it is
      # not 1.
      # @return [String]
      # @raise [Broken]
      def self.bare(bytes, upright: 1)
        out, at = "\xFF\xD8".b, 2
        raise Broken unless bytes.start_with?(out)

        out << turned(upright) unless upright == 1
        until (marker = marker(bytes, at)) == ENDING
          segment = segment(bytes, at, marker)
          out << segment if kept?(marker, segment)
          at += segment.bytesize
        end
        out << "\xFF\xD9".b
      end

      def self.marker(bytes, at)
        raise Broken unless bytes.getbyte(at) == 0xFF

        bytes.getbyte(at + 1) || raise(Broken)
      end

      # A marker with what belongs to it; of a scan with all its data.
      def self.segment(bytes, at, marker)
        return bytes.byteslice(at, 2) if BARE.include?(marker)

        length = bytes.byteslice(at + 2, 2).to_s.unpack1("n").to_i
        raise Broken if length < 2 || at + 2 + length > bytes.bytesize

        past = at + 2 + length
        past = data_end(bytes, past) if marker == SCAN
        bytes.byteslice(at, past - at)
      end

      # Where the data of a scan end: at a marker that is neither a stuffed byte nor a restart.
      def self.data_end(bytes, from)
        while (at = bytes.index("\xFF".b, from))
          following = bytes.getbyte(at + 1) || raise(Broken)
          return at unless following.zero? || following == 0xFF || BARE.include?(following)

          from = at + ((following == 0xFF) ? 1 : 2)
        end
        raise Broken
      end

      def self.kept?(marker, segment)
        return segment.byteslice(4, PROFILE.bytesize) == PROFILE if marker == ICC

        marker != COMMENT && (!APPS.cover?(marker) || [APP0, ADOBE].include?(marker))
      end

      # An EXIF segment that tells how it is turned and nothing else (TIFF 6.0: one entry, tag 0x0112).
      def self.turned(upright)
        tiff = ["MM", 42, 8, 1, 0x0112, 3, 1, upright, 0, 0].pack("a2nNnnnNnnN")
        body = "Exif\0\0".b + tiff
        [0xFF, EXIF, body.bytesize + 2].pack("CCn") + body
      end
      private_class_method :marker, :segment, :data_end, :kept?, :turned
    end
  end
end
