# frozen_string_literal: true

module Meander
  module Units
    # Options of the command line as they were typed: texts by option (@texts), read as sizes, whole numbers and shares.
    # What cannot be read is named with its option, what was given and what is accepted.
    module OptionTexts
      private

      # @raise [Error] where one of them was not given
      def needs(options)
        missing = options - @texts.keys
        return if missing.empty?

        raise Error, "--#{missing.first} is missing; accepted: a value for each of " \
          "#{Text.list(options.map { |one| "--#{one}" })}"
      end

      # A size in mm.
      # @raise [Error]
      def size_of(option, text, range)
        mm = LengthText.mm(text)
        return mm if mm && range.cover?(mm)

        raise Error, "--#{option}: “#{text[0, 30]}” #{mm ? "cannot be planned" : "is not a size"}; accepted: " \
          "#{LengthText::ACCEPTED}, from #{range.min} to #{range.max} mm"
      end

      # @raise [Error]
      def whole(option, default, range)
        text = @texts.fetch(option) { return default }
        return text.to_i if text.match?(/\A\d{1,7}\z/) && range.cover?(text.to_i)

        raise Error, "--#{option}: “#{text[0, 30]}” is not such a count; accepted: a whole number from " \
          "#{range.min} to #{range.max}"
      end

      # @raise [Error]
      def share(option, default, range)
        text = @texts.fetch(option) { return default }
        value = "0#{text}".to_f if text.match?(/\A(\d{1,3}(\.\d{1,9})?|\.\d{1,9})\z/)
        return value if value && range.cover?(value)

        raise Error, "--#{option}: “#{text[0, 30]}” is not such a share; accepted: #{range.min} to #{range.max}"
      end
    end
  end
end
