package dev.steelyard.neighbour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class NeighbourSettingsTest {

    @TempDir
    private Path folder;

    @Test
    void whatIsKeptIsReadAgain() {
        NeighbourSettings settings =
                new NeighbourSettings("http://127.0.0.1:8080", "server", "page", "customers", "whsec_AAAA", 8090);
        Path file = folder.resolve("neighbour.properties");
        settings.write(file);
        assertThat(NeighbourSettings.read(file)).isEqualTo(settings);
    }

    @Test
    void whatIsMissingIsNamed() throws IOException {
        Path file =
                Files.writeString(folder.resolve("short.properties"), "steelyard=http://127.0.0.1:8080\nserverKey=x\n");
        assertThatThrownBy(() -> NeighbourSettings.read(file))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("lack “pageKey”");
    }
}
