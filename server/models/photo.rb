# frozen_string_literal: true

require "fastimage"
require "securerandom"
require "stringio"
require_relative "../photos/broken"
require_relative "../photos/jpeg"
require_relative "../photos/png"
require_relative "../photos/webp"

module Server
  # A photo of a making, kept as it is shown: where it was taken, with what and when is left out.
  class Photo < ActiveRecord::Base
    KINDS = {jpeg: ["image/jpeg", Photos::Jpeg], png: ["image/png", Photos::Png],
             webp: ["image/webp", Photos::Webp]}.freeze
    NAMES = {"image/jpeg" => "JPEG", "image/png" => "PNG", "image/webp" => "WebP"}.freeze
    LIMIT_BYTES = 10 * 1024 * 1024
    # No side is longer, in pixels, and no making has more.
    LONGEST, MOST = 12_000, 40
    LISTED = %w[id kind width height].freeze

    # said: the kind it was sent as; bytes: of the file.
    # @raise [Meander::InvalidInput] where it is no such picture
    def self.keep(making, said, bytes)
      wrong("#{MOST} photos", "so many photos are of one making", "up to #{MOST}") if of(making).count >= MOST
      found = FastImage.new(StringIO.new(bytes))
      kind, strip = KINDS[found.type]
      wrong(said, "this is no picture that can be kept", "a JPEG, PNG or WebP file") unless kind
      wrong(said, "this is said to be #{said} and is #{kind}", "a file of the kind it is said to be") if said != kind
      width, height = sized(found, kind)
      create!(id: SecureRandom.uuid, making_id: making.id, kind:, width:, height:,
        bytes: strip.bare(bytes, upright: found.orientation || 1))
    rescue Photos::Broken
      wrong(kind, "this picture is cut off or broken", "a whole file")
    end

    def self.of(making) = where(making_id: making.id).order(:created_at, :id)

    def self.sized(found, kind)
      width, height = found.size
      wrong(kind, "this picture is cut off or broken", "a whole file") unless width&.positive? && height&.positive?
      if [width, height].max > LONGEST
        wrong("#{width} by #{height} pixels", "this picture is too large", "up to #{LONGEST} pixels wide and high")
      end
      [width, height]
    end

    def self.wrong(given, message, accepted)
      raise Meander::InvalidInput.new([Meander::Fault.new(path: "/photo", code: "photo", message:, given:, accepted:)])
    end
    private_class_method :sized, :wrong

    def told = {id:, words: "#{NAMES.fetch(kind)}, #{width} by #{height}"}
  end
end
