package dev.steelyard.web.testing;

import dev.steelyard.web.SteelyardApplication;
import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.people.SignInLimit;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.start.demo.FirstStart;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/** The real application on a private database with the demo shop, started once for all tests of a run. */
public final class App implements AutoCloseable {

    private static final List<String> TABLES = List.of(
            "order_line",
            "shop_order",
            "checkout",
            "simulated_payment",
            "basket_line",
            "basket",
            "change_entry",
            "payment_way",
            "draft_request",
            "draft_release",
            "draft_version",
            "draft",
            "picture",
            "labelling_product",
            "labelling",
            "code_use",
            "promo_code",
            "code_list",
            "price_batch_alone",
            "price_batch_row",
            "goods_batch_row",
            "goods_batch_name",
            "sheet_columns",
            "price_batch",
            "price_alone",
            "price_row",
            "variant",
            "product_category",
            "product_tag",
            "goods_wording",
            "category_wording",
            "product_picture",
            "product",
            "category",
            "brand",
            "customer_group",
            "tax_rate",
            "tax_class",
            "invitation",
            "recovery_code",
            "staff_session",
            "staff",
            "store_key",
            "webhook_delivery",
            "webhook_message",
            "webhook",
            "outbox",
            "price_change",
            "price_turn",
            "quote",
            "answered_once",
            "backup_run",
            "node",
            "replay_run",
            "margin_kept",
            "announced_price",
            "announced_until",
            "shop");

    private final PrivateMariaDb database;
    private final ConfigurableApplicationContext context;
    private final Map<String, String> columns = new HashMap<>();

    private App(PrivateMariaDb database, ConfigurableApplicationContext context) {
        this.database = database;
        this.context = context;
    }

    static App start() {
        Path home = Path.of("target", "test-home");
        FileSystemUtils.deleteRecursively(home.toFile());
        PrivateMariaDb database = PrivateMariaDb.startForgetful(home);
        ConfigurableApplicationContext context = run(database);
        App app = new App(database, context);
        context.getBean(FirstStart.class).prepare(true);
        DemoDeals.takeAway(app);
        app.sql().sql("delete from outbox").update(); // nobody is to be told of the demo shop at every test
        TABLES.forEach(table -> app.sql()
                .sql("create table kept_" + table + " as select * from " + table)
                .update());
        return app;
    }

    private static ConfigurableApplicationContext run(PrivateMariaDb database) {
        SpringApplication spring = new SpringApplication(SteelyardApplication.class);
        spring.setRegisterShutdownHook(false);
        spring.setDefaultProperties(Map.of(
                "spring.datasource.url", database.jdbcUrl(),
                "spring.datasource.username", database.user(),
                "spring.datasource.password", database.password()));
        return spring.run(
                "--server.port=0",
                "--steelyard.payments.late=2500ms",
                "--steelyard.payments.patience=2s",
                "--steelyard.payments.ask-after=3s",
                "--steelyard.trials.time=2m",
                "--steelyard.trials.open=true",
                "--steelyard.webhooks.private=true",
                "--steelyard.webhooks.patience=2s");
    }

    /** Another application on the same database. */
    public Node anotherNode() {
        return new Node(run(database));
    }

    /** Empties the shop and starts an application on it that waits to be set up; the next test has the demo shop again. */
    public Beginning begin() {
        Node node = anotherNode();
        long revision = sql().sql("select revision from shop").query(Long.class).single();
        bean(TransactionTemplate.class).executeWithoutResult(status -> {
            sql().sql("set foreign_key_checks = 0").update();
            TABLES.stream()
                    .filter(table -> !table.equals("payment_way")) // comes with the database, not with the shop
                    .forEach(table -> sql().sql("delete from " + table).update());
            sql().sql("set foreign_key_checks = 1").update();
        });
        String said = node.bean(FirstStart.class).prepare(false);
        sql().sql("update shop set revision = ?").param(revision + 1).update();
        return new Beginning(node, said.replaceAll("(?s).*" + FirstStart.BEGIN.replace("?", "\\?") + "(\\S+).*", "$1"));
    }

    /**
     * An application that waits to be set up.
     *
     * @param code that lets one begin
     */
    public record Beginning(Node node, String code) implements AutoCloseable {

        @Override
        public void close() {
            node.close();
        }
    }

    /** An application beside the first one. */
    public record Node(ConfigurableApplicationContext context) implements AutoCloseable {

        /** The address without a slash at its end. */
        public String url() {
            return address(context);
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }

        @Override
        public void close() {
            context.close();
        }
    }

    private static String address(ConfigurableApplicationContext context) {
        return "http://127.0.0.1:" + context.getEnvironment().getRequiredProperty("local.server.port");
    }

    /** The address without a slash at its end. */
    public String url() {
        return address(context);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public JdbcClient sql() {
        return bean(JdbcClient.class);
    }

    /** The demo shop as it was at its first start; baskets and orders are gone. At no moment is there no shop. */
    public void reset() {
        bean(TransactionTemplate.class).executeWithoutResult(status -> {
            JdbcClient sql = sql();
            long revision = sql.sql("select revision from shop for update")
                    .query(Long.class)
                    .single();
            sql.sql("set foreign_key_checks = 0").update();
            TABLES.forEach(table -> {
                sql.sql("delete from " + table).update();
                sql.sql("insert into %s (%s) select %s from kept_%s"
                                .formatted(table, columns(table), columns(table), table))
                        .update();
            });
            sql.sql("set foreign_key_checks = 1").update();
            sql.sql("update shop set revision = ?").param(revision + 1).update();
            sql.sql("update product set revision = ?").param(revision + 1).update();
        });
        bean(Books.class).refresh();
        bean(Sales.class).forget();
        bean(SignInLimit.class).forget();
    }

    /** Those that are not worked out from others. */
    private String columns(String table) {
        return columns.computeIfAbsent(
                table,
                name -> String.join(
                        ", ",
                        sql().sql(
                                        "select concat('`', column_name, '`') from information_schema.columns where table_schema ="
                                                + " database() and table_name = ? and extra not like '%GENERATED%'")
                                .param(name)
                                .query(String.class)
                                .list()));
    }

    @Override
    public void close() {
        context.close();
        database.close();
    }
}
