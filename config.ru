# frozen_string_literal: true

require_relative "server/boot"

run Server::App
