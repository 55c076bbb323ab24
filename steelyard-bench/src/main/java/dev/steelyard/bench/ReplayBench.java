package dev.steelyard.bench;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.replay.Assumption;
import dev.steelyard.core.replay.Replay;
import dev.steelyard.core.replay.SoldBasket;
import java.math.BigDecimal;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * 100,000 order lines held against a draft: in core beside pricing the same baskets under the same two books and doing nothing
 * else, and whole, from the button to the page, over an application with as many orders.
 */
public final class ReplayBench {

    private static final int BASKETS = 40_000;
    private static final int MOST_LINES = 4;
    private static final int ROUNDS = 12;
    private static final int TRIED = 3;
    private static final long PAUSE_MILLIS = 100;

    private ReplayBench() {}

    public static void main(String[] arguments) throws Exception {
        inCore();
        overTheApplication(arguments[0]);
    }

    private static void inCore() {
        List<Product> products = Goods.products(1_000, 3);
        List<PreparedCard> cards = Goods.cards(100);
        PriceBook now = PriceBook.of(Goods.EURO, cards, products);
        PriceBook draft = PriceBook.of(Goods.EURO, cards.subList(1, cards.size()), products);
        List<SoldBasket> baskets = baskets();
        long lines = baskets.stream().mapToLong(basket -> basket.lines().size()).sum();
        double priced = Double.MAX_VALUE;
        double replayed = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) { // the best of each: the compiler is busy at first
            long start = System.nanoTime();
            BigDecimal sum = BigDecimal.ZERO;
            for (SoldBasket basket : baskets) {
                sum = sum.add(
                        now.basket(basket.lines(), basket.occasion()).total().value());
                sum = sum.add(
                        draft.basket(basket.lines(), basket.occasion()).total().value());
            }
            long middle = System.nanoTime();
            Replay replay = new Replay(now, List.of(draft), Assumption.SAME, null);
            baskets.forEach(replay::add);
            BigDecimal both = replay.all().get(0).now().whole().turnover();
            long end = System.nanoTime();
            if (sum.compareTo(both) <= 0) {
                throw new IllegalStateException("the same baskets came to something else");
            }
            priced = Math.min(priced, (middle - start) / 1e9);
            replayed = Math.min(replayed, (end - middle) / 1e9);
        }
        System.out.printf(
                "In core, %,d lines under two books: priced alone %.3f s, replayed %.3f s: %.0f %% of it%n",
                lines, priced, replayed, 100 * priced / replayed);
    }

    private static List<SoldBasket> baskets() {
        Random random = new Random(1);
        List<SoldBasket> baskets = new ArrayList<>();
        for (int i = 0; i < BASKETS; i++) {
            List<OrderLine> lines = new ArrayList<>();
            for (int line = random.nextInt(MOST_LINES); line >= 0; line--) {
                lines.add(new OrderLine(new Sku("GEN-" + random.nextInt(1_000)), 1 + random.nextInt(60)));
            }
            baskets.add(new SoldBasket(i, lines, Occasion.of(Customer.EVERYONE, Goods.NOW), BigDecimal.ZERO));
        }
        return baskets;
    }

    private static void overTheApplication(String jar) throws Exception {
        try (BenchedApp app = BenchedApp.start(jar, "--demo", "--orders", "" + BASKETS)) {
            OwnersBrowser owner = new OwnersBrowser(app.url());
            String deals = owner.get("/deals").body();
            String deal = deals.replaceAll("(?s).*?href=\"(/deals/\\d+)[\"/].*", "$1");
            for (int time = 0; time < TRIED; time++) {
                long start = System.nanoTime();
                HttpResponse<String> page =
                        owner.post(deal + "/replay", Map.of("period", "all", "within", "0", "takeUp", "0"));
                String at =
                        page.headers().firstValue("Location").orElse(page.uri().toString());
                String path = at.replaceFirst("^https?://[^/]+", "");
                String body = owner.get(path).body();
                while (body.contains("class=\"running\"")) {
                    Thread.sleep(PAUSE_MILLIS);
                    body = owner.get(path).body();
                }
                if (!body.contains("Turnover when they were sold")) {
                    throw new IllegalStateException(body);
                }
                System.out.printf(
                        "From the button to the page, %,d orders of the demo shop: %.1f s%n",
                        BASKETS, (System.nanoTime() - start) / 1e9);
            }
            for (int time = 0; time < TRIED; time++) {
                for (String path : List.of("/sold?period=all", "/sold?period=all&product=SHK", "/goods/1")) {
                    long start = System.nanoTime();
                    owner.get(path);
                    System.out.printf("%s in %.0f ms%n", path, (System.nanoTime() - start) / 1e6);
                }
            }
        }
    }
}
