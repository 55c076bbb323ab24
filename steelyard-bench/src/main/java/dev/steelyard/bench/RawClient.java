package dev.steelyard.bench;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** One connection that stays open: sends bytes that are ready and reads the answer, so that little of the machine is the client's. */
final class RawClient implements AutoCloseable {

    private final URI uri;
    private Socket socket;
    private InputStream in;
    private OutputStream out;
    private byte[] buffer = new byte[1 << 16];

    RawClient(String url) throws IOException {
        uri = URI.create(url);
        connect();
    }

    private void connect() throws IOException {
        socket = new Socket(uri.getHost(), uri.getPort());
        socket.setTcpNoDelay(true);
        in = new BufferedInputStream(socket.getInputStream(), 1 << 16);
        out = socket.getOutputStream();
    }

    /** A request as it goes over the wire: a POST, or a GET where there is no body. @param key empty for none */
    static byte[] request(String url, String path, String key, String body) {
        return request(body.isEmpty() ? "GET" : "POST", url, path, key, body);
    }

    static byte[] request(String method, String url, String path, String key, String body) {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        String head = method + " " + path + " HTTP/1.1\r\nHost: "
                + URI.create(url).getAuthority()
                + "\r\n" + (key.isEmpty() ? "" : "Authorization: Bearer " + key + "\r\n")
                + (body.isEmpty() ? "" : "Content-Type: application/json\r\nContent-Length: " + bytes.length + "\r\n")
                + "\r\n";
        byte[] first = head.getBytes(StandardCharsets.US_ASCII);
        byte[] all = new byte[first.length + bytes.length];
        System.arraycopy(first, 0, all, 0, first.length);
        System.arraycopy(bytes, 0, all, first.length, bytes.length);
        return all;
    }

    /** Sends one and reads the answer to its end. @return its body */
    String ask(byte[] request) throws IOException {
        out.write(request);
        String status = line();
        int length = -1;
        boolean ends = false;
        for (String header = line(); !header.isEmpty(); header = line()) {
            String lower = header.toLowerCase(Locale.ROOT);
            if (lower.startsWith("content-length:")) {
                length = Integer.parseInt(
                        header.substring("content-length:".length()).strip());
            } else if (lower.equals("connection: close")) {
                ends = true;
            }
        }
        String body = length >= 0 ? text(length) : chunks();
        if (ends) {
            socket.close();
            connect();
        }
        if (!status.contains(" 200")) {
            throw new IOException(status + ": " + body);
        }
        return body;
    }

    private String chunks() throws IOException {
        StringBuilder body = new StringBuilder();
        for (int size = Integer.parseInt(line(), 16); size > 0; size = Integer.parseInt(line(), 16)) {
            body.append(text(size));
            line();
        }
        line();
        return body.toString();
    }

    private String text(int length) throws IOException {
        if (length > buffer.length) {
            buffer = new byte[length * 2];
        }
        if (in.readNBytes(buffer, 0, length) < length) {
            throw new EOFException("the answer ended before its end");
        }
        return new String(buffer, 0, length, StandardCharsets.UTF_8);
    }

    private String line() throws IOException {
        StringBuilder line = new StringBuilder();
        for (int c = in.read(); c != '\n'; c = in.read()) {
            if (c < 0) {
                throw new EOFException("the connection was closed");
            }
            if (c != '\r') {
                line.append((char) c);
            }
        }
        return line.toString();
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
