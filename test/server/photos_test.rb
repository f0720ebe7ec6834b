# frozen_string_literal: true

require_relative "../support/server_test"
require "exifr/jpeg"
require "zlib"

# Photos of makings: kept as they are shown, without where and with what they were taken; read with another library
# (exifr) and by the chunks of their formats.
class PhotosTest < ServerTest
  SECRET = "52.1234 N, a maker's camera"

  def setup
    super
    Server::Photo.delete_all
    @making = send_json(:post, "/api/pieces/#{send_json(:post, "/api/pieces", {start: "cuff"})["id"]}/makings", {})
  end

  def send_photo(bytes, kind = "image/jpeg")
    header "Content-Type", kind
    post "/api/makings/#{@making["id"]}/photos", bytes
    answer
  end

  def shown(photo)
    get "/api/makings/#{@making["id"]}/photos/#{photo["id"]}"
    last_response.body.b
  end

  # A JPEG of 8 by 8 grey: frame, tables of one code each, one scan; segments: what stands before the picture.
  def jpeg(*segments, width: 8, height: 8)
    part = ->(marker, body) { [0xFF, marker, body.bytesize + 2].pack("CCn") + body }
    table = ->(kind) { part[0xC4, [kind, 1, *([0] * 15), 0].pack("C*")] }
    quantities = part[0xDB, [0, *([16] * 64)].pack("C*")]
    frame = part[0xC0, [8, height, width, 1, 1, 0x11, 0].pack("CnnCCCC")]
    scan = part[0xDA, [1, 1, 0, 0, 63, 0].pack("C*")] + "\x00\xFF\x00\x3F".b
    "\xFF\xD8".b + segments.join + quantities + frame + table[0x00] + table[0x10] + scan + "\xFF\xD9".b
  end

  # An EXIF segment (TIFF 6.0): how it is turned, who made the camera, and where it was taken.
  def exif(upright)
    camera = "#{SECRET}\0"
    head = ["MM", 42, 8].pack("a2nN")
    entries = [[0x0112, 3, 1, upright << 16], [0x010F, 2, camera.bytesize, 62], [0x8825, 4, 1, 62 + camera.bytesize]]
    first = [3].pack("n") + entries.map { |entry| entry.pack("nnNN") }.join + [0].pack("N")
    gps = [1].pack("n") + [0x0001, 2, 2, "N\0\0\0".unpack1("N")].pack("nnNN") + [0].pack("N")
    body = "Exif\0\0".b + (head + first).ljust(62, "\0") + camera.b + gps
    [0xFF, 0xE1, body.bytesize + 2].pack("CCn") + body
  end

  def comment = [0xFF, 0xFE, SECRET.bytesize + 2].pack("CCn") + SECRET.b

  def chunk(kind, data) = [data.bytesize, kind, data, Zlib.crc32(kind + data)].pack("Na4a*N")

  def png(width = 2, height = 2)
    "\x89PNG\r\n\x1A\n".b + chunk("IHDR", [width, height, 8, 0, 0, 0, 0].pack("NNC*")) +
      chunk("tEXt", "GPS\0#{SECRET}") + chunk("eXIf", SECRET) +
      chunk("IDAT", Zlib.deflate("\0\1\2" * 2)) + chunk("IEND", "") + SECRET.b
  end

  def webp
    part = ->(kind, data) { [kind, data.bytesize].pack("a4V") + data + ("\0" * (data.bytesize % 2)) }
    lossless = "\x2F\x01\x40\x00\x00".b + ("\0" * 12)
    body = "WEBP".b + part["VP8X", [0b0000_1100, 0, 0, 0, 1, 0, 0, 1, 0, 0].pack("C*")] + part["VP8L", lossless] +
      part["EXIF", SECRET] + part["XMP ", SECRET]
    ["RIFF", body.bytesize].pack("a4V") + body
  end

  def test_what_is_told_in_a_jpeg_is_gone
    sent = jpeg(exif(6), comment)

    told = EXIFR::JPEG.new(StringIO.new(sent))

    assert_equal [SECRET, 6], [told.make, told.orientation.to_i]
    photo = send_photo(sent + SECRET.b)

    assert_equal 201, last_response.status, last_response.body
    kept = shown(photo)

    assert_equal "image/jpeg", last_response.media_type
    refute_includes kept, SECRET
    read = EXIFR::JPEG.new(StringIO.new(kept))

    assert_equal [8, 8, 6], [read.width, read.height, read.orientation.to_i]
    assert_nil read.make
    assert_nil read.gps
    assert_equal kept, shown(send_photo(kept)), "what is bare stays as it is"
    refute_predicate EXIFR::JPEG.new(StringIO.new(shown(send_photo(jpeg(exif(1)))))), :exif?
  end

  def test_what_is_told_in_png_and_webp_is_gone
    kept = shown(send_photo(png, "image/png"))

    refute_includes kept, SECRET
    assert_equal %w[IHDR IDAT IEND], kept.scan(/IHDR|tEXt|eXIf|IDAT|IEND/)
    assert_equal [2, 2], FastImage.size(StringIO.new(kept))
    kept = shown(send_photo(webp, "image/webp"))

    refute_includes kept, SECRET
    assert_equal [:webp, 0, kept.bytesize - 8],
      [FastImage.type(StringIO.new(kept)), kept.getbyte(20) & 0b1100, kept.byteslice(4, 4).unpack1("V")]
  end

  # What is no picture, too large, cut off or of another kind is named; nothing of it is kept.
  def test_what_cannot_be_kept
    cut = jpeg(exif(6))
    wrong = {"plain words" => ["image/jpeg", /no picture that can be kept/], "" => ["image/png", /no picture/],
      png => ["image/jpeg", %r{said to be image/jpeg and is image/png}], png(40_000, 3) => ["image/png", /too large/],
      cut.byteslice(0, cut.bytesize - 6) => ["image/jpeg", /cut off or broken/],
      png.byteslice(0, 60) => ["image/png", /cut off or broken/],
      webp.byteslice(0, 45) => ["image/webp", /cut off or broken/],
      "GIF89a\1\0\1\0\0\0\0;" => ["image/gif", /no picture that can be kept/]}
    wrong.each do |bytes, (kind, words)|
      send_photo(bytes, kind)

      assert_equal 422, last_response.status, words.inspect
      assert_match words, answer["faults"][0]["message"]
    end
    send_photo("\xFF".b * 10_485_761)

    assert_equal 413, last_response.status
    assert_equal 0, Server::Photo.count
  end

  # Bytes at random, and good files with bytes changed: kept or named, nothing else.
  def test_broken_files
    chance = Random.new(seed = Random.new_seed % 100_000)
    files = [[jpeg(exif(6), comment), "image/jpeg"], [png, "image/png"], [webp, "image/webp"]]
    300.times do
      bytes, kind = files.sample(random: chance)
      bytes = bytes.dup
      chance.rand(1..6).times { bytes.setbyte(chance.rand(bytes.bytesize), chance.rand(256)) }
      send_photo(bytes.byteslice(0, chance.rand(bytes.bytesize + 1)), kind)

      assert_includes [201, 422], last_response.status, "seed #{seed}: #{last_response.body[0, 200]}"
      Server::Photo.delete_all
    end
  end

  def test_photos_of_a_making
    photo = send_photo(png, "image/png")
    get "/api/makings/#{@making["id"]}"

    assert_equal [{"id" => photo["id"], "words" => "PNG, 2 by 2"}], answer["photos"]
    40.times { send_photo(png, "image/png") }

    assert_match(/so many photos/, answer["faults"][0]["message"])
    delete "/api/makings/#{@making["id"]}/photos/#{photo["id"]}"

    assert_equal 204, last_response.status
    get "/api/makings/#{@making["id"]}/photos/#{photo["id"]}"

    assert_equal 404, last_response.status
  end
end
