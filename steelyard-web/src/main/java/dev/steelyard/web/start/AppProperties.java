package dev.steelyard.web.start;

import dev.steelyard.web.start.settings.Setting;
import dev.steelyard.web.start.settings.Settings;
import java.net.URI;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** What is set, in the application's own words. */
final class AppProperties {

    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final String EVERYWHERE = "0.0.0.0";

    private AppProperties() {}

    static Map<String, Object> of(Settings settings, Options options, ShopDatabase database, int port, Path home) {
        Map<String, Object> all = new LinkedHashMap<>(Map.of(
                "spring.datasource.url", database.url(),
                "spring.datasource.username", database.user(),
                "spring.datasource.password", database.password(),
                "server.port", port,
                "server.address", address(settings),
                "steelyard.hosts", String.join(",", hosts(settings)),
                // the example store is on this machine
                "steelyard.webhooks.private", options.demo(),
                "steelyard.trials.open", options.demo()));
        settings.publicAddress().ifPresent(address -> {
            all.put("steelyard.public-address", address.toString());
            if ("https".equals(address.getScheme())) {
                all.put("server.servlet.session.cookie.secure", true);
                all.put("server.servlet.session.cookie.name", "__Host-steelyard");
            }
        });
        settings.value(Setting.TRUSTED_PROXIES).ifPresent(networks -> all.put("steelyard.proxies", networks));
        all.put("steelyard.version", Version.CURRENT);
        all.put(
                "steelyard.backups.folder",
                settings.value(Setting.BACKUPS).orElse(home.resolve("backups").toString()));
        settings.value(Setting.BACKUPS_KEPT).ifPresent(days -> all.put("steelyard.backups.kept", days));
        settings.value(Setting.BACKUP_AT).ifPresent(time -> all.put("steelyard.backups.at", time));
        settings.value(Setting.MANAGEMENT_PORT).ifPresent(own -> {
            all.put("management.server.port", own);
            all.put("management.server.address", "127.0.0.1");
            all.put("management.endpoints.web.exposure.include", "health,prometheus");
            all.put("management.endpoint.health.show-details", "always");
            all.put("server.tomcat.mbeanregistry.enabled", true);
        });
        if (settings.value(Setting.LOG).filter("json"::equals).isPresent()) {
            all.put("logging.structured.format.console", "logstash");
        }
        return all;
    }

    static String address(Settings settings) {
        return settings.value(Setting.ADDRESS).orElse("127.0.0.1");
    }

    /** Where this machine itself reaches it. */
    static String reached(Settings settings, int port) {
        String address = address(settings);
        return "http://" + (address.equals(EVERYWHERE) ? "127.0.0.1" : address) + ":" + port;
    }

    private static Set<String> hosts(Settings settings) {
        Set<String> hosts = new LinkedHashSet<>(HERE);
        if (!address(settings).equals(EVERYWHERE)) {
            hosts.add(address(settings));
        }
        settings.publicAddress().map(URI::getHost).ifPresent(hosts::add);
        return hosts;
    }
}
