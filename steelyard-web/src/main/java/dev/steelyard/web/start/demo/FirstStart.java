package dev.steelyard.web.start.demo;

import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Staff;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.HexFormat;
import javax.sql.DataSource;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills an empty database: with the demo shop, or with a bare one and a single owner. */
@Component
public class FirstStart {

    private static final String DEMO_PASSWORD = "saltmarsh";
    private static final int PASSWORD_BYTES = 6;

    private final Shops shops;
    private final Staff staff;
    private final DemoDrafts drafts;
    private final DataSource source;

    FirstStart(Shops shops, Staff staff, DemoDrafts drafts, DataSource source) {
        this.shops = shops;
        this.staff = staff;
        this.drafts = drafts;
        this.source = source;
    }

    /**
     * Sets up an empty shop, wholly or not at all; leaves one that is there as it is.
     *
     * @return how to sign in, for the person at the terminal
     */
    @Transactional
    public String prepare(boolean demo) {
        if (shops.exists()) {
            return "sign in as before"
                    + (demo ? " (the demo shop: maren or jonas, password " + DEMO_PASSWORD + ")" : "");
        }
        if (demo) {
            staff.add(1, "maren", "Maren", DEMO_PASSWORD);
            staff.add(2, "jonas", "Jonas", DEMO_PASSWORD);
            run("demo/saltmarsh.sql");
            drafts.make();
            return "sign in as maren or jonas, password " + DEMO_PASSWORD;
        }
        String password = newPassword();
        staff.add(1, "owner", "Owner", password);
        run("demo/bare.sql");
        return "sign in as owner, password " + password + " (shown only this once)";
    }

    private void run(String script) {
        ResourceDatabasePopulator populator = new ResourceDatabasePopulator(new ClassPathResource(script));
        populator.setSqlScriptEncoding(StandardCharsets.UTF_8.name());
        populator.execute(source);
    }

    private static String newPassword() {
        byte[] bytes = new byte[PASSWORD_BYTES];
        new SecureRandom().nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }
}
