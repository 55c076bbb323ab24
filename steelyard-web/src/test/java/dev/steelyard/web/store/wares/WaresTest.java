package dev.steelyard.web.store.wares;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.StoreCalls.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Goods as the owner's own store reads them. */
@ExtendWith(WithApp.class)
class WaresTest {

    private static final String GOODS = "/api/v1/goods";

    @Test
    void oneProductIsEnoughToBuildAForm(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        JsonNode cover = calls.get(GOODS + "/COVER").json();
        assertThat(cover.at("/asks/0/measurement").asString()).isEqualTo("length");
        assertThat(cover.at("/asks/0/unit").asString()).isEqualTo("cm");
        assertThat(cover.at("/asks").toString()).contains("\"min\"").contains("hooks");
        assertThat(cover.at("/from/per").asString()).contains("m²");
        JsonNode lead = calls.get(GOODS + "/LEAD").json();
        assertThat(lead.at("/packs/0/price").asString()).isEqualTo("21.00");
        JsonNode shackle = calls.get(GOODS + "/SHK-8?group=Boatyard").json();
        assertThat(shackle.path("sku").asString()).isEqualTo("SHK-8");
        assertThat(shackle.path("variants").size()).isGreaterThan(1);
        assertThat(shackle.at("/table/tiers").isEmpty()).isFalse();
        assertThat(calls.get(GOODS + "/NONE").status()).isEqualTo(404);
        assertThat(calls.get(GOODS + "/SHK?group=Pirates").status()).isEqualTo(422);
    }

    @Test
    void allGoodsAreReadPageByPageOrAsLines(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        List<String> skus = new ArrayList<>();
        String after = "";
        do {
            JsonNode page = calls.get(GOODS + "?limit=5&after=" + after).json();
            page.path("goods").forEach(one -> skus.add(one.path("sku").asString()));
            after = page.path("next").asString();
        } while (!after.isEmpty());
        assertThat(skus).hasSize(13).isSorted().doesNotHaveDuplicates();
        Answer lines = calls.get(GOODS, "Accept", "application/x-ndjson");
        assertThat(lines.response().body().lines()).hasSize(13).allMatch(line -> line.startsWith("{\"sku\":"));
    }

    @Test
    void whatIsKnownIsNotSentAgain(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        Answer first = calls.get(GOODS + "/BRU-1");
        Answer again = calls.get(GOODS + "/BRU-1", "If-None-Match", first.header("ETag"));
        assertThat(again.status()).isEqualTo(304);
        assertThat(calls.get(GOODS + "/SHK", "If-None-Match", first.header("ETag"))
                        .status())
                .isEqualTo(200);
        assertThat(calls.get(GOODS + "/BRU-1", "If-None-Match", first.header("ETag"), "Accept-Language", "de")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aPriceListIsStreamedForAGroup(App app) {
        StoreCalls calls = MadeKeys.calls(app);
        String everyone = calls.get("/api/v1/price-list?format=csv").response().body();
        String boatyard = calls.get("/api/v1/price-list?format=csv&group=Boatyard")
                .response()
                .body();
        assertThat(everyone).startsWith("sku,product,currency").contains("BRU-1,Deck brush,EUR,from,13.20,,6,13.20");
        assertThat(boatyard).isNotEqualTo(everyone);
        assertThat(calls.get("/api/v1/price-list").json().path("@type").asString())
                .isEqualTo("OfferCatalog");
        assertThat(calls.get("/api/v1/price-list?format=xml").status()).isEqualTo(422);
    }
}
