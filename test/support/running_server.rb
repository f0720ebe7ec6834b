# frozen_string_literal: true

require "net/http"
require "socket"
require "json"

# Meander in a process of its own, as a maker runs it.
class RunningServer
  attr_reader :port, :pid

  # ruby: a file that is read before all else, as one that adds a craft.
  def initialize(data:, demo: "", port: nil, ruby: nil)
    @port = port || TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    environment = {"MEANDER_DATA" => data, "MEANDER_DEMO" => demo, "RACK_ENV" => "production"}
    environment["RUBYOPT"] = "#{ENV["RUBYOPT"]} -r#{ruby}" if ruby
    @pid = spawn(environment, "bundle", "exec", "puma", "--quiet", "--bind", "tcp://127.0.0.1:#{@port}", "--threads",
      "1:20", "config.ru",
      chdir: File.expand_path("../..", __dir__), out: File::NULL)
    wait
  end

  def url = "http://127.0.0.1:#{port}"

  def request(method, path, value = nil)
    http = Net::HTTP.new("127.0.0.1", port)
    http.read_timeout = 60
    http.send_request(method, path, value && JSON.generate(value), {"Content-Type" => "application/json"})
  end

  # Just as it is said: a body that need not be JSON, a path that need not be one.
  def raw(method, path, body, type = "application/json")
    http = Net::HTTP.new("127.0.0.1", port)
    http.read_timeout = 60
    kind = {"GET" => Net::HTTP::Get, "POST" => Net::HTTP::Post, "PUT" => Net::HTTP::Put,
      "DELETE" => Net::HTTP::Delete}.fetch(method)
    request = kind.new(path, {"Content-Type" => type})
    request.body = body
    http.request(request)
  end

  # How large the largest of its processes has been, in MB.
  def most_mb
    tree = [pid]
    tree.each do |one|
      tree.concat(Dir["/proc/#{one}/task/*/children"].flat_map { |file| File.read(file).split.map(&:to_i) })
    end
    tree.map { |one| File.read("/proc/#{one}/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024 }.max
  end

  def get(path) = JSON.parse(request("GET", path).body)

  def kill
    Process.kill("KILL", @pid)
    Process.wait(@pid)
  end

  def stop
    Process.kill("TERM", @pid)
    Process.wait(@pid)
  end

  private

  def wait
    1200.times do
      return if request("GET", "/api/catalogue").code == "200"
    rescue SystemCallError
      sleep 0.05
    end
    raise "Meander did not start"
  end
end
