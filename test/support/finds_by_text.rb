# frozen_string_literal: true

# Capybara tells a driver which words stand in what it looks for. The page itself leaves out what lacks them: asking the
# browser about each candidate takes several questions, and there may be dozens.
module FindsByText
  FOUND = <<~JS
    Array.from((arguments[0] || document).querySelectorAll(arguments[1])).filter((one) => {
      const said = one.textContent.toLowerCase();
      return arguments[2].every((word) => said.includes(word));
    })
  JS

  # Of the page, or within a node.
  module OnPage
    def find_css(selector, texts: [], **)
      texts.empty? ? super(selector) : holding(self, nil, selector, texts)
    end

    private

    def holding(driver, within, selector, texts)
      driver.browser.evaluate(FOUND, within, selector, texts.map(&:downcase))
        .map { |native| Capybara::Cuprite::Node.new(driver, native) }
    end
  end

  module InNode
    include OnPage

    def find_css(selector, texts: [], **)
      texts.empty? ? super(selector) : holding(driver, node, selector, texts)
    end
  end

  Capybara::Cuprite::Driver.prepend(OnPage)
  Capybara::Cuprite::Node.prepend(InNode)
end
