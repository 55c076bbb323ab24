package dev.steelyard.web.start;

import dev.steelyard.neighbour.Neighbour;
import dev.steelyard.neighbour.NeighbourSettings;
import dev.steelyard.web.SteelyardApplication;
import dev.steelyard.web.backup.BackupFault;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.start.demo.FirstStart;
import dev.steelyard.web.start.demo.MadeUpGoods;
import dev.steelyard.web.start.settings.Setting;
import dev.steelyard.web.start.settings.Settings;
import java.net.URI;
import java.nio.file.Path;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** What {@code ./steelyard start} runs: the database, then the application, then a line that says where it is. */
public final class Launcher {

    private static final String NEIGHBOUR = "neighbour";
    private static final String SETTINGS = "settings";

    private final Home home;
    private final Settings settings;
    private @Nullable ShopDatabase database;
    private @Nullable ConfigurableApplicationContext application;
    private @Nullable ConfigurableApplicationContext neighbour;

    private Launcher(Home home, Settings settings) {
        this.home = home;
        this.settings = settings;
    }

    public static void main(String... args) {
        try {
            Path folder = Path.of(System.getProperty("steelyard.home", ".steelyard"));
            String command = args.length == 0 ? "" : args[0];
            if (command.equals(NEIGHBOUR)) {
                Neighbour.main(folder.resolve(NeighbourBeside.FILE).toString());
            } else if (command.equals(SETTINGS)) {
                System.out.print(Settings.read(folder, System.getenv()).told());
            } else if (BackupCommands.NAMES.contains(command)) {
                new BackupCommands(folder, System.out)
                        .run(command, Arrays.asList(args).subList(1, args.length));
            } else {
                run(Options.parse(args), folder);
            }
        } catch (IllegalArgumentException wrong) {
            System.err.println("steelyard: " + wrong.getMessage());
            System.exit(2);
        } catch (RuntimeException failed) {
            System.err.println("steelyard: could not start: " + why(failed));
            System.exit(1);
        }
    }

    /** What a backup or an upgrade says lies under what the framework says of it. */
    private static String why(Throwable failed) {
        for (Throwable one = failed; one != null; one = one.getCause()) {
            if (one instanceof BackupFault) {
                return String.valueOf(one.getMessage());
            }
        }
        return String.valueOf(failed.getMessage());
    }

    private static void run(Options options, Path folder) {
        Home home = Home.claim(folder);
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
        Settings settings = Settings.read(home.folder(), System.getenv());
        int port = Ports.choose(
                options.port() == null ? settings.whole(Setting.PORT) : options.port(),
                AppProperties.address(settings));
        Launcher launcher = new Launcher(home, settings);
        Runtime.getRuntime().addShutdownHook(new Thread(launcher::stop, "stop"));
        launcher.start(options, port);
    }

    private void start(Options options, int port) {
        if (options.port() == null && settings.whole(Setting.PORT) == null && !Ports.isUsual(port)) {
            System.out.println("Port 8080 is taken by another program; using " + port + ".");
        }
        System.out.println(
                settings.database().isPresent() ? "Looking for the database ..." : "Starting the database ...");
        ShopDatabase opened = ShopDatabase.open(settings, home.folder());
        database = opened;
        new AccessFile(home.folder()).write(opened);
        System.out.println("Starting the application ...");
        SpringApplication spring = new SpringApplication(SteelyardApplication.class);
        spring.setRegisterShutdownHook(false);
        // as arguments, which count before the application's own settings; no other process sees them
        ConfigurableApplicationContext context =
                spring.run(AppProperties.of(settings, options, opened, port, home.folder()).entrySet().stream()
                        .map(one -> "--" + one.getKey() + "=" + one.getValue())
                        .toArray(String[]::new));
        application = context;
        String signIn = context.getBean(FirstStart.class).prepare(options.demo());
        if (options.demo()) {
            int sold = context.getBean(DemoOrders.class).fill(options.orders());
            if (sold > 0) {
                System.out.println("Made up " + sold + " orders of the last eighteen months.");
            }
        }
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
        String here = AppProperties.reached(settings, port);
        String address = settings.publicAddress().map(URI::toString).orElse(here) + "/";
        home.announce(address);
        System.out.println();
        System.out.println("Steelyard is ready at " + address);
        if (context.getBean(Shops.class).begun()) {
            System.out.println("  the counter, for shoppers: " + address + "counter");
        }
        System.out.println("  " + signIn.replace(FirstStart.BEGIN, address + FirstStart.BEGIN));
        if (options.demo()) {
            NeighbourBeside beside = context.getBean(NeighbourBeside.class);
            NeighbourSettings settings = beside.settings(home.folder(), here, port);
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
        new AccessFile(home.folder()).delete();
        if (database != null) {
            database.close();
        }
        home.release();
        System.out.println("Stopped.");
    }
}
