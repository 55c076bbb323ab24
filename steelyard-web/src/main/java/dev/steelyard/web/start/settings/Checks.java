package dev.steelyard.web.start.settings;

import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import org.apache.catalina.util.NetMask;
import org.jspecify.annotations.Nullable;

/** What values of settings may be; each answers what is wrong, or nothing. */
final class Checks {

    private static final int LARGEST_PORT = 65_535;
    private static final int MOST_DAYS = 3_650;
    private static final String IP = "[0-9a-fA-F.:]+|localhost";

    private Checks() {}

    static @Nullable String any(String value) {
        return value.isBlank() ? "it is empty" : null;
    }

    static @Nullable String address(String value) {
        return value.matches(IP) ? null : "it is an IP address, as 127.0.0.1 or 0.0.0.0";
    }

    static @Nullable String port(String value) {
        return whole(value, 1, LARGEST_PORT) ? null : "it is a number from 1 to " + LARGEST_PORT;
    }

    static @Nullable String days(String value) {
        return whole(value, 0, MOST_DAYS) ? null : "it is a number of days from 0 to " + MOST_DAYS;
    }

    private static boolean whole(String value, int least, int most) {
        return value.matches("\\d{1,6}") && Integer.parseInt(value) >= least && Integer.parseInt(value) <= most;
    }

    static @Nullable String publicAddress(String value) {
        try {
            URI uri = new URI(value);
            boolean web = "https".equals(uri.getScheme()) || "http".equals(uri.getScheme());
            boolean bare = uri.getRawPath() == null
                    || uri.getRawPath().isEmpty()
                    || uri.getRawPath().equals("/");
            if (web
                    && uri.getHost() != null
                    && bare
                    && uri.getQuery() == null
                    && uri.getFragment() == null
                    && uri.getUserInfo() == null) {
                return null;
            }
        } catch (URISyntaxException unreadable) {
            // told as every other that cannot be
        }
        return "it is http:// or https:// and a name, without a path: https://prices.example";
    }

    static @Nullable String networks(String value) {
        for (String one : value.split(",")) {
            try {
                new NetMask(one.strip());
            } catch (IllegalArgumentException none) {
                return "“" + one.strip() + "” is no address or network, as 10.0.0.7 or 10.0.0.0/8";
            }
        }
        return null;
    }

    static @Nullable String databaseUrl(String value) {
        return value.matches("jdbc:mariadb:(\\w+:)?//[^/]+/[^/?]+(\\?.*)?")
                ? null
                : "it is written jdbc:mariadb://HOST:3306/DATABASE";
    }

    static @Nullable String readableFile(String value) {
        try {
            return Files.isReadable(Path.of(value)) ? null : "there is no such file that can be read";
        } catch (InvalidPathException noPath) {
            return "it is no name of a file";
        }
    }

    static @Nullable String memory(String value) {
        return value.matches("[1-9]\\d{0,5}[mg]") ? null : "it is written as 900m or 2g";
    }

    static @Nullable String time(String value) {
        try {
            LocalTime.parse(value);
            return null;
        } catch (DateTimeParseException none) {
            return "it is a time of the day, as 03:00";
        }
    }

    static @Nullable String log(String value) {
        return value.equals("text") || value.equals("json") ? null : "it is text or json";
    }
}
