package dev.steelyard.web.start.demo;

import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Staff;
import dev.steelyard.web.start.begin.BeginCode;
import java.nio.charset.StandardCharsets;
import javax.sql.DataSource;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills an empty database: with the demo shop, or with a bare one that waits to be set up. */
@Component
public class FirstStart {

    private static final String DEMO_PASSWORD = "saltmarsh";

    /** The address that sets up a shop, but for its code. */
    public static final String BEGIN = "begin?code=";

    private final Shops shops;
    private final Staff staff;
    private final DemoDrafts drafts;
    private final DemoPictures pictures;
    private final BeginCode code;
    private final DataSource source;
    private final DemoDays days;

    FirstStart(
            Shops shops,
            Staff staff,
            DemoDrafts drafts,
            DemoPictures pictures,
            BeginCode code,
            DataSource source,
            DemoDays days) {
        this.days = days;
        this.shops = shops;
        this.staff = staff;
        this.drafts = drafts;
        this.pictures = pictures;
        this.code = code;
        this.source = source;
    }

    /**
     * Sets up an empty shop, wholly or not at all; leaves one that is there as it is.
     *
     * @return how to sign in, for the person at the terminal
     */
    @Transactional
    public String prepare(boolean demo) {
        if (shops.exists() && !shops.begun()) {
            return begin();
        }
        if (shops.exists()) {
            return "sign in as before"
                    + (demo ? " (the demo shop: maren or jonas, password " + DEMO_PASSWORD + ")" : "");
        }
        if (demo) {
            staff.add(1, "maren", "Maren", DEMO_PASSWORD);
            staff.add(2, "jonas", "Jonas", DEMO_PASSWORD);
            run("demo/saltmarsh.sql");
            pictures.add();
            drafts.make();
            return "sign in as maren or jonas, password " + DEMO_PASSWORD;
        }
        run("demo/bare.sql");
        return begin();
    }

    private String begin() {
        return "set up your shop at " + BEGIN + code.make() + " (good until it is set up, or the next start)";
    }

    private void run(String script) {
        ResourceDatabasePopulator populator = new ResourceDatabasePopulator(
                new ByteArrayResource(days.text(script).getBytes(StandardCharsets.UTF_8)));
        populator.setSqlScriptEncoding(StandardCharsets.UTF_8.name());
        populator.execute(source);
    }
}
