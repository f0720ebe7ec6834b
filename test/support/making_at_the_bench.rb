# frozen_string_literal: true

# A piece made at the bench through the real interface.
module MakingAtTheBench
  AWAY = "window.reach ??= window.fetch; window.fetch = () => Promise.reject(new TypeError('offline'))"
  BACK = "window.fetch = window.reach"

  def setup
    Server::MakingEvent.delete_all
    Server::Making.delete_all
    super
  end

  def begin_making(name)
    open_piece name
    show "Order of work"
    click_on "Make it"

    assert_selector ".making h1", text: name
    Server::Making.order(:created_at).last
  end

  def told(making) = making.reload.told
  def step(making, words) = making.planned[:steps].index { |one| one[:words].include?(words) && one[:first].nil? }
  def choose(words) = find(".making-step", text: words, match: :first).click
  def assert_counted(number, of) = assert_selector(".count-now", text: /\A#{number} of #{of} repeats/)

  def assert_kept = assert_selector("[role=status]", text: /\ASaved\z/)
end
