# frozen_string_literal: true

require_relative "../support/server_test"
require "nokogiri"
require "csv"
require "zlib"

# Every demo piece in every format.
class ExportsTest < ServerTest
  def setup
    super
    Server::Demo.lay_out
  end

  def pieces = Server::Piece.on_shelf.to_a

  # Those that are one woven band.
  def bands = pieces.select { |piece| Meander.read(piece.content).piece.band? }

  def fetch(piece, rest)
    get "/api/pieces/#{piece.id}/#{rest}"

    assert_equal 200, last_response.status, "#{piece.name}: #{rest}"
    last_response.body
  end

  def test_documents_come_back_as_they_went_out
    pieces.each do |piece|
      json = JSON.parse(fetch(piece, "document.json"))
      again = stored(json)

      assert_equal 201, last_response.status, piece.name
      assert_equal json, JSON.parse(JSON.generate(again["document"])), piece.name
    end
  end

  def test_cut_lists_tell_what_the_plan_tells
    bands.each do |piece|
      plan = Server::Planning.plan(piece.content)
      rows = CSV.parse(fetch(piece, "cut-list.csv"), headers: true)
      weaving = rows.select { |row| row["kind"] == "weaving" }

      assert_equal plan.runs.map(&:cut_mm),
        rows.select { |row| row["kind"] == "base" }.map { |row| row["cut_mm"].to_i }, piece.name
      assert_equal plan.band.strip.account.count, weaving.sum { |row| row["count"].to_i }, piece.name
      assert_in_delta plan.band.strip.account.total_mm, weaving.sum { |row| row["count"].to_i * row["cut_mm"].to_i },
        plan.band.strip.account.count, piece.name
    end
  end

  # Both faces, for either hand, are drawings of true size with every used part defined.
  def test_strips_are_whole_drawings_of_true_size
    bands.product(%w[front back], %w[right left]).each do |piece, face, hand|
      svg = Nokogiri::XML(fetch(piece, "strip.svg?face=#{face}&hand=#{hand}"), &:strict)
      svg.remove_namespaces!
      defined = svg.xpath("//@id").map(&:value)
      low, high = Server::Planning.plan(piece.content).strip_picture.y_range

      assert_empty svg.xpath("//use/@href").map { |href| href.value.delete_prefix("#") }.uniq - defined, piece.name
      assert_in_delta high - low + 6, svg.root["width"].to_f, 0.01, piece.name
      refute_match(/NaN|Infinity|e-?\d\d/, svg.to_s.scan(/d="[^"]*"/).first(50).join)
    end
  end

  def test_a_picture_travels_small
    bands.each do |piece|
      get "/api/pieces/#{piece.id}"
      hash = answer["plan"]["strip"]
      header "Accept-Encoding", "gzip"
      get "/api/pictures/#{hash}"

      body = last_response.body
      packed = last_response["content-encoding"] == "gzip"

      assert_operator body.bytesize, :<, 300_000, piece.name
      assert_equal 2, JSON.parse(packed ? Zlib.gunzip(body) : body)["version"]
      assert packed || body.bytesize <= Server::App::LARGE_BYTES, piece.name
      header "Accept-Encoding", "identity"
    end
  end

  def test_names_become_file_names
    {"Reed / cuff: “2”" => "reed-cuff-2", "…" => "piece", "Crème" => "creme",
      "a" * 120 => "a" * 60}.each do |name, file|
      id = stored(document(name:))["id"]
      get "/api/pieces/#{id}/cut-list.csv"

      assert_includes last_response["content-disposition"], %(filename="#{file}-cut-list.csv")
      assert_equal "text/csv", last_response.media_type
    end
  end

  def test_the_shelf_tells_what_the_bench_tells
    get "/api/pieces"
    rows = answer["pieces"]

    assert_equal pieces.map(&:name).sort, rows.map { |row| row["name"] }.sort
    rows.each do |row|
      plan = Server::Planning.plan(Server::Piece.find(row["id"]).content)

      assert_equal [plan.extent, 0], [row["extent"], row["stops"]]
      next unless plan.band

      assert_equal plan.fit.repeats, row["strip"]["repeats"]
      assert_in_delta plan.strip_picture.width_mm, row["strip"]["width_mm"], 1e-9
    end
  end

  def test_the_catalogue_offers_only_what_can_be_planned
    get "/api/catalogue"
    catalogue = answer

    assert_equal Meander::Weave::Samples::ALL.size, catalogue["weaves"].size
    assert_equal (1..25).map(&:to_s), catalogue["beginnings"].keys
    catalogue["starts"].each_value do |start|
      send_json(:post, "/api/plan", {document: start})

      assert_equal 200, last_response.status
    end
  end
end
