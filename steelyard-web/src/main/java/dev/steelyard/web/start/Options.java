package dev.steelyard.web.start;

import org.jspecify.annotations.Nullable;

/**
 * What the start command was asked for.
 *
 * @param demo fill an empty shop with the demo data
 * @param port the port insisted on; none for 8080 or the next free one
 * @param goods fill the shop with made-up goods to so many; 0 for none
 * @param stay whether the application goes on after that
 */
record Options(boolean demo, @Nullable Integer port, int goods, boolean stay) {

    private static final int LARGEST_PORT = 65_535;
    private static final int MOST_GOODS = 1_000_000;

    /** @throws IllegalArgumentException in words for the person at the terminal */
    static Options parse(String... args) {
        boolean demo = false;
        Integer port = null;
        int goods = 0;
        boolean stay = true;
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--demo" -> demo = true;
                case "--port" -> port = port(i + 1 < args.length ? args[++i] : "");
                case "--goods" -> goods = goods(args[i], i + 1 < args.length ? args[++i] : "");
                case "--make" -> {
                    goods = goods(args[i], i + 1 < args.length ? args[++i] : "");
                    stay = false;
                }
                default -> throw new IllegalArgumentException(
                        "“" + args[i] + "” is no option of start; it knows --demo, --port N and --goods N");
            }
        }
        return new Options(demo, port, goods, stay);
    }

    private static int port(String text) {
        if (text.matches("\\d{1,5}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= LARGEST_PORT) {
            return Integer.parseInt(text);
        }
        throw new IllegalArgumentException("--port takes a number from 1 to " + LARGEST_PORT + ", not “" + text + "”");
    }

    private static int goods(String option, String text) {
        if (text.matches("\\d{1,7}") && Integer.parseInt(text) <= MOST_GOODS) {
            return Integer.parseInt(text);
        }
        throw new IllegalArgumentException(option + " takes a number up to " + MOST_GOODS + ", not “" + text + "”");
    }
}
