package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.columns.ColumnGuess;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.columns.FileLook;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.sheet.RefusedWriter;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.WaitingSheets;
import dev.steelyard.web.goods.batch.WaitingSheets.Waiting;
import dev.steelyard.web.goods.sheets.KnownColumns.Picked;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.TaxClass;
import dev.steelyard.web.shop.Taxes;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Files that are sent: looked through, asked about where their columns do not tell, and read. */
@Component
class SheetUploads {

    private final Batches batches;
    private final BatchWork work;
    private final WaitingSheets waiting;
    private final KnownColumns known;
    private final Shops shops;
    private final Taxes taxes;
    private final JdbcTemplate sql;

    SheetUploads(
            Batches batches,
            BatchWork work,
            WaitingSheets waiting,
            KnownColumns known,
            Shops shops,
            Taxes taxes,
            JdbcTemplate sql) {
        this.batches = batches;
        this.work = work;
        this.waiting = waiting;
        this.known = known;
        this.shops = shops;
        this.taxes = taxes;
        this.sql = sql;
    }

    /**
     * Takes a file.
     *
     * @return where to go on: its preview, or the page that asks about its columns
     * @throws UnreadableTable in words for whoever chose it
     */
    String take(MultipartFile file, Batch.Origin origin, String by) throws IOException, UnreadableTable {
        Path kept = Files.createTempFile("sheet", ".part");
        try {
            String fingerprint = keep(file, kept);
            Waiting one = new Waiting(kept, name(file), origin, fingerprint, by, look(kept, origin));
            String token = waiting.keep(one);
            Picked picked = known.find(origin, one.seen()).orElse(null);
            if (picked != null && faults(one, picked).isEmpty()) {
                return begin(token, one, plan(one, picked));
            }
            ColumnGuess guess = guess(one);
            return guess.isCertain() ? begin(token, one, guess.plan()) : asking(token);
        } catch (UnreadableTable | IOException failed) {
            Files.deleteIfExists(kept);
            throw failed;
        }
    }

    private static String asking(String token) {
        return "/sheets/columns?of=" + token;
    }

    /** Looks the file through as a sheet of the other kind. @throws UnreadableTable in words */
    Waiting turn(String token, Waiting one) throws IOException, UnreadableTable {
        Batch.Origin other = one.origin() == Batch.Origin.GOODS ? Batch.Origin.SHEET : Batch.Origin.GOODS;
        Waiting turned =
                new Waiting(one.file(), one.name(), other, one.fingerprint(), one.by(), look(one.file(), other));
        waiting.turn(token, turned);
        return turned;
    }

    private static Seen look(Path file, Batch.Origin origin) throws IOException, UnreadableTable {
        FileLook look = new FileLook(origin.columns());
        Tables.read(file, TableLimits.USUAL, look);
        return look.seen();
    }

    /** What was said of such columns before, else what can be told. */
    Picked proposal(Waiting one) {
        ColumnGuess guess = guess(one);
        return known.find(one.origin(), one.seen()).orElse(new Picked(guess.picks(), Map.of(), Map.of()));
    }

    private ColumnGuess guess(Waiting one) {
        return ColumnGuess.of(one.seen(), one.origin().columns(), RefusedWriter.BESIDE, values -> meant(one, values));
    }

    /** The column that holds what the shop has names for. */
    private @Nullable SheetColumn meant(Waiting one, Set<String> values) {
        if (values.isEmpty()) {
            return null;
        }
        if (one.origin() == Batch.Origin.GOODS) {
            Set<String> classes = taxes.classes().stream().map(TaxClass::name).collect(Collectors.toSet());
            return classes.containsAll(values) ? GoodsColumn.TAX_CLASS : areSold(values) ? GoodsColumn.SKU : null;
        }
        Set<String> groups = shops.groups().stream().map(group -> group.name()).collect(Collectors.toSet());
        return groups.containsAll(values)
                ? Column.GROUP
                : values.equals(Set.of(shops.current().currency()))
                        ? Column.CURRENCY
                        : areSold(values) ? Column.SKU : null;
    }

    /** Whether most of some values are SKUs of the shop. */
    private boolean areSold(Set<String> values) {
        String marks = String.join(",", Collections.nCopies(values.size(), "?"));
        List<Object> twice = new ArrayList<>(values);
        twice.addAll(values);
        Integer sold = sql.queryForObject(
                "select (select count(*) from product where sku in (" + marks
                        + ")) + (select count(*) from variant where" + " sku in (" + marks + "))",
                Integer.class,
                twice.toArray());
        return Objects.requireNonNullElse(sold, 0) * 2 > values.size();
    }

    Map<Integer, String> faults(Waiting one, Picked picked) {
        return ColumnGuess.faults(
                one.seen(),
                one.origin().columns(),
                picked.picks(),
                picked.signs().keySet(),
                picked.orders().keySet());
    }

    private static ColumnPlan plan(Waiting one, Picked picked) {
        return ColumnGuess.plan(one.seen(), one.origin().columns(), picked.picks(), picked.signs(), picked.orders());
    }

    /** Reads the file as somebody said, and keeps what they said for the next one with the same heads. */
    String read(String token, Waiting one, Picked picked, String by) {
        known.keep(one.origin(), one.seen(), picked, by);
        return begin(token, one, plan(one, picked));
    }

    private String begin(String token, Waiting one, ColumnPlan plan) {
        long batch = batches.begin(one.origin(), one.name(), plan, one.fingerprint(), one.by());
        waiting.readInto(token, batch)
                .ifPresent(before ->
                        batches.go(before, BatchState.READY, BatchState.CANCELLED, "Read again with other columns."));
        work.read(batch, one.file(), plan);
        return batches.find(batch).orElseThrow().page();
    }

    private static String name(MultipartFile file) {
        String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        return last.isBlank() ? "a sheet" : last;
    }

    /** @return the fingerprint of what is in it */
    private static String keep(MultipartFile file, Path to) throws IOException {
        MessageDigest digest = Fingerprint.digest();
        try (InputStream in = new DigestInputStream(file.getInputStream(), digest);
                OutputStream out = Files.newOutputStream(to)) {
            in.transferTo(out);
        }
        return Fingerprint.of(digest);
    }
}
