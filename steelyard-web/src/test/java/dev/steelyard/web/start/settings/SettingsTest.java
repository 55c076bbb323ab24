package dev.steelyard.web.start.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is set is read from two places, and refused in words where it cannot be. */
class SettingsTest {

    @TempDir
    private Path home;

    @Test
    void theEnvironmentCountsBeforeTheFile() throws IOException {
        file(
                "port=9000\naddress=0.0.0.0\ndb-url=jdbc:mariadb://db.example:3306/shop\ndb-password=secret\n",
                "rw-------");
        Settings settings = Settings.read(home, Map.of("STEELYARD_PORT", "9001", "HOME", "/root"));
        assertThat(settings.whole(Setting.PORT)).isEqualTo(9001);
        assertThat(settings.value(Setting.ADDRESS)).contains("0.0.0.0");
        assertThat(settings.database().orElseThrow().password()).isEqualTo("secret");
        assertThat(settings.told())
                .contains("9001   (STEELYARD_PORT)")
                .contains("0.0.0.0   (" + home.resolve("steelyard.properties") + ")")
                .contains("14   (usual)")
                .contains("db-password        is set")
                .doesNotContain("secret");
        assertThat(settings.database().orElseThrow().toString()).doesNotContain("secret");
    }

    @Test
    void aFileThatOthersCanReadIsRefused() throws IOException {
        file("port=9000\n", "rw-r--r--");
        assertThatThrownBy(() -> Settings.read(home, Map.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("can be read by others than its owner")
                .hasMessageContaining("chmod 600");
    }

    @Test
    void allThatCannotBeIsSaidAtOnce() throws IOException {
        file("prot=9000\ndb-user=shop\n", "rw-------");
        assertThatThrownBy(() -> Settings.read(home, Map.of("STEELYARD_PORTS", "1", "STEELYARD_MEMORY", "much")))
                .hasMessageContaining("“prot” in")
                .hasMessageContaining("is no setting; there are address, port")
                .hasMessageContaining("STEELYARD_PORTS is no setting")
                .hasMessageContaining("memory cannot be “much” (STEELYARD_MEMORY): it is written as 900m or 2g")
                .hasMessageContaining("db-user is set without db-url");
    }

    @ParameterizedTest
    @CsvSource({
        "STEELYARD_PORT, 0, a number from 1 to 65535",
        "STEELYARD_PORT, eighty, a number from 1 to 65535",
        "STEELYARD_ADDRESS, my house, an IP address",
        "STEELYARD_PUBLIC_ADDRESS, prices.example, http:// or https:// and a name",
        "STEELYARD_PUBLIC_ADDRESS, https://prices.example/shop, without a path",
        "STEELYARD_TRUSTED_PROXIES, '10.0.0.0/8,nginx', “nginx” is no address or network",
        "STEELYARD_DB_URL, jdbc:mysql://db/shop, jdbc:mariadb://HOST:3306/DATABASE",
        "STEELYARD_DB_PASSWORD_FILE, /nowhere/at/all, no such file",
        "STEELYARD_BACKUPS_KEPT, -1, a number of days",
        "STEELYARD_BACKUP_AT, 25:00, a time of the day",
        "STEELYARD_LOG, xml, text or json"
    })
    void aValueThatCannotBeIsRefused(String variable, String value, String why) {
        assertThatThrownBy(() -> Settings.read(home, Map.of(variable, value)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("“" + value + "” (" + variable + ")")
                .hasMessageContaining(why);
    }

    @ParameterizedTest
    @CsvSource({
        "STEELYARD_PUBLIC_ADDRESS, https://prices.example/",
        "STEELYARD_TRUSTED_PROXIES, '127.0.0.1, 10.0.0.0/8, fd00::/8'",
        "STEELYARD_DB_URL, 'jdbc:mariadb:sequential://a:3306,b:3306/shop'",
        "STEELYARD_MEMORY, 900m"
    })
    void whatCanBeIsTaken(String variable, String value) {
        assertThat(Settings.read(home, Map.of(variable, value)).told()).contains(value + "   (" + variable + ")");
    }

    private void file(String text, String rights) throws IOException {
        Path file = Files.writeString(home.resolve(Settings.FILE), text);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(rights));
    }
}
