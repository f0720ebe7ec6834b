# frozen_string_literal: true

module Server
  module Photos
    # A PNG file without what is told in it beside the picture (ISO/IEC 15948: chunks).
    module Png
      HEAD = "\x89PNG\r\n\x1A\n".b
      KEPT = %w[IHDR PLTE IDAT IEND tRNS gAMA cHRM sRGB iCCP sBIT bKGD pHYs].freeze

      # @return [String]
      # @raise [Broken]
      def self.bare(bytes, **)
        raise Broken unless bytes.start_with?(HEAD)

        out, at = HEAD.dup, HEAD.bytesize
        loop do
          length, kind = bytes.byteslice(at, 8).to_s.unpack("Na4")
          raise Broken if kind.to_s.bytesize < 4 || at + length + 12 > bytes.bytesize

          out << bytes.byteslice(at, length + 12) if KEPT.include?(kind)
          at += length + 12
          return out if kind == "IEND"
        end
      end
    end
  end
end
