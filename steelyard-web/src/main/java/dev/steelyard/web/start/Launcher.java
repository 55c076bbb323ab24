package dev.steelyard.web.start;

import dev.steelyard.neighbour.Neighbour;
import dev.steelyard.neighbour.NeighbourSettings;
import dev.steelyard.web.SteelyardApplication;
import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.start.demo.FirstStart;
import dev.steelyard.web.start.demo.MadeUpGoods;
import java.nio.file.Path;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** What {@code ./steelyard start} runs: the database, then the application, then a line that says where it is. */
public final class Launcher {

    private static final String NEIGHBOUR = "neighbour";

    private final Home home;
    private @Nullable PrivateMariaDb database;
    private @Nullable ConfigurableApplicationContext application;
    private @Nullable ConfigurableApplicationContext neighbour;

    private Launcher(Home home) {
        this.home = home;
    }

    public static void main(String... args) {
        try {
            if (args.length > 0 && args[0].equals(NEIGHBOUR)) {
                Neighbour.main(Path.of(System.getProperty("steelyard.home", ".steelyard"))
                        .resolve(NeighbourBeside.FILE)
                        .toString());
                return;
            }
            run(Options.parse(args));
        } catch (IllegalArgumentException wrong) {
            System.err.println("steelyard: " + wrong.getMessage());
            System.exit(2);
        } catch (RuntimeException failed) {
            System.err.println("steelyard: could not start: " + failed.getMessage());
            System.exit(1);
        }
    }

    private static void run(Options options) {
        Home home = Home.claim(Path.of(System.getProperty("steelyard.home", ".steelyard")));
        if (!home.isOurs()) {
            if (!options.stay()) {
                throw new IllegalArgumentException(
                        "Steelyard is running; stop it first (./steelyard stop), or stop it and start it with --goods N");
            }
            String address = home.announced();
            System.out.println(
                    address == null
                            ? "Steelyard is already starting in another window."
                            : "Steelyard is already running at " + address);
            return;
        }
        int port = Ports.choose(options.port());
        Launcher launcher = new Launcher(home);
        Runtime.getRuntime().addShutdownHook(new Thread(launcher::stop, "stop"));
        launcher.start(options, port);
    }

    private void start(Options options, int port) {
        if (options.port() == null && !Ports.isUsual(port)) {
            System.out.println("Port 8080 is taken by another program; using " + port + ".");
        }
        System.out.println("Starting the database ...");
        PrivateMariaDb started = PrivateMariaDb.start(home.folder());
        database = started;
        System.out.println("Starting the application ...");
        SpringApplication spring = new SpringApplication(SteelyardApplication.class);
        spring.setRegisterShutdownHook(false);
        spring.setDefaultProperties(Map.of(
                "spring.datasource.url", started.jdbcUrl(),
                "spring.datasource.username", started.user(),
                "spring.datasource.password", started.password(),
                "server.port", port,
                // the example store is on this machine
                "steelyard.webhooks.private", options.demo(),
                "steelyard.trials.open", options.demo()));
        ConfigurableApplicationContext context = spring.run();
        application = context;
        String signIn = context.getBean(FirstStart.class).prepare(options.demo());
        MadeUpGoods madeUp = context.getBean(MadeUpGoods.class);
        int made = madeUp.fillTo(options.goods());
        if (made > 0 || !options.stay()) {
            madeUp.settle();
            System.out.println("Filled the shop with " + made + " made-up goods.");
        }
        if (!options.stay()) {
            System.exit(0);
        }
        context.getBean(Books.class).refresh(); // so that the first shopper does not wait for it
        String address = "http://127.0.0.1:" + port + "/";
        home.announce(address);
        System.out.println();
        System.out.println("Steelyard is ready at " + address);
        if (context.getBean(Shops.class).begun()) {
            System.out.println("  the counter, for shoppers: " + address + "counter");
        }
        System.out.println("  " + signIn.replace(FirstStart.BEGIN, address + FirstStart.BEGIN));
        if (options.demo()) {
            NeighbourBeside beside = context.getBean(NeighbourBeside.class);
            NeighbourSettings settings = beside.settings(home.folder(), "http://127.0.0.1:" + port, port);
            neighbour = Neighbour.start(settings);
            System.out.println(
                    "  a store of your own that asks it, as an example: " + NeighbourBeside.address(settings));
        }
        System.out.println("Ctrl-C or ./steelyard stop ends it.");
    }

    /** Application first, so that what it is doing still finds its database. */
    private void stop() {
        if (neighbour != null) {
            neighbour.close();
        }
        if (application != null) {
            application.close();
        }
        if (database != null) {
            database.close();
        }
        home.release();
        System.out.println("Stopped.");
    }
}
