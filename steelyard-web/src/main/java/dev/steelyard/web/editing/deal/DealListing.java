package dev.steelyard.web.editing.deal;

import dev.steelyard.format.DealWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.web.editing.list.Line;
import dev.steelyard.web.editing.list.Listing;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** The list of deals; how one is begun. */
@Component
class DealListing implements Listing {

    private final DealOverview overview;
    private final Shops shops;

    DealListing(DealOverview overview, Shops shops) {
        this.overview = overview;
        this.shops = shops;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.DEAL;
    }

    @Override
    public List<Line> lines() {
        return overview.lines();
    }

    @Override
    public List<DealStart> ways() {
        return List.of(DealStart.values());
    }

    @Override
    public Words words() {
        return new Words(
                "Deals",
                "deal",
                "Deal",
                "applied from the top, each on what is left",
                "It says …",
                "Pick what the deal does.",
                "{\"name\": \"Rope and chain days\", \"kind\": \"spend\", …}");
    }

    @Override
    public ObjectNode begin(Way way, Begin.Picked picked, String name) {
        ObjectNode holder = Json.object();
        picked.covers(holder);
        return DealStarts.deal((DealStart) way, name, (ObjectNode) holder.get("covers"));
    }

    @Override
    public Read read(String text) {
        Documents.DealReading reading = Documents.readDeal(text, shops.current().zone());
        return new Read(reading.sound().map(DealWriter::write), reading.issues());
    }
}
