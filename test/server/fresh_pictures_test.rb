# frozen_string_literal: true

require_relative "../support/server_test"
require_relative "../support/trays"

# Pictures that are new come with the plan they belong to; a section's strip is drawn when it is asked for.
class FreshPicturesTest < ServerTest
  include Trays

  def asked(json) = send_json(:post, "/api/plan", {document: json})

  # A length no other test has, so that its picture is new.
  def fresh(kind, path, mm) = document(kind, path => size("#{(mm + (rand(9_999) / 100_000.0)).round(5)} mm"))

  def test_a_band_brings_its_picture_once
    json = fresh("cuff", "wires.2.size", 0.4)
    first, second = asked(json), asked(json)
    hash = first["plan"]["strip"]

    assert_equal [hash], first["drawn"].keys
    assert_empty second["drawn"]
    get "/api/pictures/#{hash}"

    assert_equal answer, first["drawn"][hash]
  end

  # Of a piece of sections only what is new comes: all of it first, then the changed section and what lies between.
  def test_a_built_piece_brings_what_changed
    json = fresh("pendant", "sections.0.form.length", 31)
    first = asked(json)
    shown = first["plan"]["finished"].map { |one| one["picture"] }.uniq

    assert_equal shown.sort, first["drawn"].keys.sort
    json["endings"] = json["endings"].reject { |ending| ending["kind"] == "bail" }
    second = asked(json)

    refute_includes second["drawn"].keys, second["plan"]["finished"][0]["picture"]
    second["plan"]["finished"].each do |one|
      get "/api/pictures/#{one["picture"]}"

      assert_equal 200, last_response.status
      assert_operator answer["groups"].size, :>=, 1 if one["section"]
    end
  end

  # A section's strip is named with the plan, and the same strip has the same name wherever the section stands.
  def test_a_sections_strip_is_drawn_when_it_is_asked_for
    json = fresh("earring", "sections.0.form.width", 13)
    strip = asked(json)["plan"]["sections"][0]["strip"]["picture"]
    json["sections"][0]["at"] = {"kind" => "first", "turn" => 40}

    assert_equal strip, asked(json)["plan"]["sections"][0]["strip"]["picture"]
    assert_equal strip, asked(json.merge("name" => "Another"))["plan"]["sections"][0]["strip"]["picture"]
    get "/api/pictures/#{strip}"

    assert_equal %w[w1 w1], answer["strands"].map { |strand| strand["wire"] }.grep(/w[12]/).first(2),
      "one wire there and back"
    json["sections"][0]["form"]["width"] = size("14.5 mm")

    refute_equal strip, asked(json)["plan"]["sections"][0]["strip"]["picture"]
  end

  # Beads woven into a section are in its strip, and belong to its name.
  def test_a_strip_with_beads_is_another_one
    json = fresh("earring", "sections.0.form.width", 12)
    bare = asked(json)["plan"]["sections"][0]["strip"]["picture"]
    beaded = asked(with_beads(json, placed("woven", of: "wrap", every: 9, first: 1, on: "front")))["plan"]["sections"][
      0]["strip"]["picture"]

    refute_equal bare, beaded
    get "/api/pictures/#{beaded}"

    assert_operator answer["beads"]["set"].size, :>=, 3
  end

  # What the interface offers is what the core knows.
  def test_the_catalogue_says_what_there_is
    get "/api/catalogue"

    assert_equal Meander::Beads::Material::ALL.keys, answer["beads"]["materials"].map { |one| one["key"] }
    assert_equal Meander::Beads::Body::NAMES.keys, answer["beads"]["shapes"].map { |one| one["key"] }
    assert_equal Meander::Crafts::Registry.all.keys, answer["crafts"].keys
    kinds = {"forms" => Meander::Crafts::Weaving::Fields::FORM, "bends" => Meander::Crafts::Bending::Fields::BEND,
      "endings" => Meander::Document::Fields::ENDING,
             "findings" => Meander::Document::Fields::FINDING, "rules" => Meander::Document::Fields::PLACED}
    kinds.each do |name, shape|
      # A fold is a place on a wire, not an ending of it, and is offered with them.
      said = answer["sentences"][name].reject { |one| one["key"] == "fold" }

      assert_equal shape.records.keys.sort, said.map { |one| one["key"] }.sort, name
      # Every value that is said is a field, and what it begins with can be read.
      said.each do |one|
        fields = shape.records[one["key"]].fields

        assert_empty one["parts"].map { |part| part["key"].to_sym } - fields.keys, "#{name}: #{one["key"]}"
        reading = Meander::Document::Reading.new
        one["start"].each { |key, value| fields.fetch(key.to_sym).read(value, "/#{key}", reading) }

        assert_empty reading.faults.map(&:to_h), "#{name}: #{one["key"]}"
      end
    end
  end

  Picture = Struct.new(:content_hash)

  # The shelf of pictures says which are new, and lets the one go that was not asked for longest.
  def test_the_shelf_of_pictures
    shelf = Server::PictureShelf.new
    limit = Server::PictureShelf::LIMIT
    pictures = Array.new(limit + 1) { |i| Picture.new("p#{i}") }

    assert(pictures.first(limit).all? { |picture| shelf.put(picture) })
    refute shelf.put(pictures[0])
    assert shelf.put(pictures[limit])
    assert_same pictures[0], shelf.get("p0")
    assert_nil shelf.get("p1")
    assert shelf.put(pictures[1])
  end

  # A strip of a section is still there to be asked for, and its hash says what it was drawn from.
  def test_strips_of_sections_are_kept_too
    json = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call("earring")))
    plan = Server::Planning.plan(json)
    strip = plan.sections.first.strip_picture

    assert_nil Server::Planning::PICTURES.get(strip.content_hash)
    assert_equal plan.sections.first.strip.picture.json, Server::Planning.picture(strip.content_hash, :plan, [json])
    Server::Planning::STRIPS.forget

    assert_equal strip.json, Server::Planning.picture(strip.content_hash, :plan, [json])
    assert_nil Server::Planning.picture("none", :plan, [json])
  end

  # A picture drawn when it is asked for is drawn once, whoever asks.
  def test_drawn_once
    drawn = 0
    picture = Meander::Picture::OnAsking.new("all it depends on") do
      (drawn += 1) && Struct.new(:json, :groups).new("{}", [])
    end

    assert_equal 0, drawn
    assert_equal ["{}"], Array.new(8) { Thread.new { picture.json } }.map(&:value).uniq
    assert_equal [[], 1], [picture.groups, drawn]
  end
end
