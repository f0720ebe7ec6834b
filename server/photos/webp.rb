# frozen_string_literal: true

module Server
  module Photos
    # A WebP file without what is told in it beside the picture (RFC 9649: RIFF chunks).
    module Webp
      KEPT = ["VP8 ", "VP8L", "VP8X", "ALPH", "ANIM", "ANMF", "ICCP"].freeze
      # In VP8X the bits that announce EXIF and XMP.
      ANNOUNCED = 0b0000_1100

      # @return [String]
      # @raise [Broken]
      def self.bare(bytes, **)
        raise Broken unless bytes.start_with?("RIFF") && bytes.byteslice(8, 4) == "WEBP"

        chunks, at = [], 12
        while at + 8 <= bytes.bytesize
          kind, length = bytes.byteslice(at, 8).unpack("a4V")
          raise Broken if at + 8 + length > bytes.bytesize

          chunks << chunk(kind, bytes.byteslice(at + 8, length)) if KEPT.include?(kind)
          at += 8 + length + (length % 2)
        end
        body = "WEBP".b + chunks.join
        ["RIFF", body.bytesize].pack("a4V") + body
      end

      def self.chunk(kind, data)
        data.setbyte(0, data.getbyte(0).to_i & ~ANNOUNCED) if kind == "VP8X" && !data.empty?
        [kind, data.bytesize].pack("a4V") + data + ("\0" * (data.bytesize % 2))
      end
      private_class_method :chunk
    end
  end
end
