package dev.steelyard.web.start;

import dev.steelyard.web.start.demo.DemoOrders;
import org.jspecify.annotations.Nullable;

/**
 * What the start command was asked for.
 *
 * @param demo fill an empty shop with the demo data
 * @param port the port insisted on; none for 8080 or the next free one
 * @param goods fill the shop with made-up goods to so many; 0 for none
 * @param orders how many made-up orders the demo shop begins with
 * @param stay whether the application goes on after that
 */
record Options(boolean demo, @Nullable Integer port, int goods, int orders, boolean stay) {

    private static final int LARGEST_PORT = 65_535;
    private static final int MOST_GOODS = 1_000_000;
    private static final int MOST_ORDERS = 1_000_000;

    /** @throws IllegalArgumentException in words for the person at the terminal */
    static Options parse(String... args) {
        boolean demo = false;
        Integer port = null;
        int goods = 0;
        int orders = DemoOrders.USUAL;
        boolean stay = true;
        for (int i = 0; i < args.length; i++) {
            switch (args[i]) {
                case "--demo" -> demo = true;
                case "--port" -> port = port(i + 1 < args.length ? args[++i] : "");
                case "--goods" -> goods = upTo(MOST_GOODS, args[i], i + 1 < args.length ? args[++i] : "");
                case "--orders" -> orders = upTo(MOST_ORDERS, args[i], i + 1 < args.length ? args[++i] : "");
                case "--make" -> {
                    goods = upTo(MOST_GOODS, args[i], i + 1 < args.length ? args[++i] : "");
                    stay = false;
                }
                default -> throw new IllegalArgumentException(
                        "“" + args[i] + "” is no option of start; it knows --demo, --port N, --goods N and --orders N");
            }
        }
        return new Options(demo, port, goods, orders, stay);
    }

    private static int port(String text) {
        if (text.matches("\\d{1,5}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= LARGEST_PORT) {
            return Integer.parseInt(text);
        }
        throw new IllegalArgumentException("--port takes a number from 1 to " + LARGEST_PORT + ", not “" + text + "”");
    }

    private static int upTo(int most, String option, String text) {
        if (text.matches("\\d{1,7}") && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        throw new IllegalArgumentException(option + " takes a number up to " + most + ", not “" + text + "”");
    }
}
