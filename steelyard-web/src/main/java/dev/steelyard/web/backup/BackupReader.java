package dev.steelyard.web.backup;

import dev.steelyard.web.base.page.Fingerprint;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;

/** A backup that is looked at. */
final class BackupReader implements AutoCloseable {

    private final Path file;
    private final ZipFile zip;
    private final Manifest manifest;

    private BackupReader(Path file, ZipFile zip, Manifest manifest) {
        this.file = file;
        this.zip = zip;
        this.manifest = manifest;
    }

    /** @throws BackupFault where it is none, or cut short */
    static BackupReader open(Path file) {
        if (!Files.isReadable(file)) {
            throw new BackupFault("There is no file " + file + " that can be read");
        }
        try {
            ZipFile zip = new ZipFile(file.toFile());
            try {
                return new BackupReader(file, zip, manifest(file, zip));
            } catch (IOException | RuntimeException fault) {
                zip.close();
                throw fault;
            }
        } catch (ZipException cut) {
            throw new BackupFault(file + " is no backup of Steelyard, or was cut short: " + cut.getMessage(), cut);
        } catch (IOException failed) {
            throw new BackupFault(file + " cannot be read: " + failed.getMessage(), failed);
        }
    }

    private static Manifest manifest(Path file, ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(BackupWriter.MANIFEST);
        if (entry == null) {
            throw new BackupFault(file + " is no backup of Steelyard: it has no " + BackupWriter.MANIFEST);
        }
        try (InputStream in = zip.getInputStream(entry)) {
            Manifest manifest = Rows.JSON.readValue(in.readAllBytes(), Manifest.class);
            if (manifest.format() != Manifest.FORMAT) {
                throw new BackupFault(
                        file + " is of format " + manifest.format() + "; this Steelyard reads " + Manifest.FORMAT);
            }
            return manifest;
        } catch (JacksonException damaged) {
            throw new BackupFault(file + " is damaged: its manifest cannot be read", damaged);
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** @throws BackupFault where anything of it is not as it was written */
    void verify() {
        for (Manifest.Table table : manifest.tables()) {
            try (InputStream rows = rows(table)) {
                DigestInputStream digested = new DigestInputStream(rows, Fingerprint.digest());
                long bytes = digested.transferTo(OutputStream.nullOutputStream());
                if (bytes != table.bytes()
                        || !Fingerprint.of(digested.getMessageDigest()).equals(table.sha256())) {
                    throw damaged(table, "its rows are not those that were written");
                }
            } catch (IOException broken) {
                throw damaged(table, broken.getMessage());
            }
        }
    }

    private BackupFault damaged(Manifest.Table table, String why) {
        return new BackupFault(file + " is damaged at “" + table.name() + "”: " + why + ". Nothing of it was used.");
    }

    private InputStream rows(Manifest.Table table) throws IOException {
        ZipEntry entry = zip.getEntry(table.entry());
        if (entry == null) {
            throw damaged(table, "it is missing");
        }
        return zip.getInputStream(entry);
    }

    /** A line for each row. */
    Iterable<String> lines(Manifest.Table table) {
        return () -> {
            try {
                return new BufferedReader(new InputStreamReader(rows(table), StandardCharsets.UTF_8))
                        .lines()
                        .iterator();
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        };
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
