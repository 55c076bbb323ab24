package dev.steelyard.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoDeals;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What must hold on every page: usable by all, no wider than a phone, nothing from elsewhere, no script error. */
@ExtendWith(WithApp.class)
class EveryPageTest {

    private static final List<String> COUNTER = List.of(
            "/counter",
            "/counter/goods/SHK-8",
            "/counter/goods/ROPE-12?sent=yes&a.length=12",
            "/counter/goods/COVER?sent=yes&a.length=523&a.width=211&a.hem=roped&a.fixing=zip",
            "/counter/goods/COVER?sent=yes&a.length=5,2&a.width=1",
            "/counter/goods/LEAD",
            "/counter/goods/FLAGS-C?quantity=3",
            "/counter/basket",
            "/counter/checkout");
    private static final List<String> OWNERS = List.of(
            "/goods",
            "/goods?find=nothing",
            "/goods/new",
            "/goods/13/about",
            "/goods/1/past",
            "/goods/shelves",
            "/goods/13/languages",
            "/goods/shelves/languages",
            "/sheets",
            "/goods/1",
            "/goods/13",
            "/goods/2",
            "/orders",
            "/orders?find=brush&from=x",
            "/sold",
            "/sold?product=COVER&by=size",
            "/sold?product=SHK&period=own&from=x",
            "/goods/13/replay",
            "/goods/13/lowest",
            "/goods/margins",
            "/deals/new",
            "/codes",
            "/price-list?group=Boatyard",
            "/shop",
            "/shop/tax",
            "/shop/groups",
            "/shop/people",
            "/you",
            "/shop/payments",
            "/today",
            "/history",
            "/cards/winner?sku=ROPE-12&group=Crew+club");

    private final List<String> complaints = new ArrayList<>();

    @Test
    void isAccessibleFitsAPhoneAndStaysAtHome(App app, BrowserContext context, Http shopper) {
        app.bean(DemoOrders.class).fill(200);
        Page page = context.newPage();
        page.onRequest(request -> {
            if (!request.url().startsWith(app.url()) && !request.url().startsWith("data:")) {
                complaints.add("asks elsewhere: " + request.url());
            }
        });
        page.onPageError(error -> complaints.add("script error: " + error));
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                complaints.add(message.text());
            }
        });

        check(page, "/sign-in");
        check(page, "/counter/basket");
        fillBasket(page);
        COUNTER.forEach(path -> check(page, path));
        check(page, order(page));
        OwnerSteps.signIn(page, "maren");
        OWNERS.forEach(path -> check(page, path));
        check(
                page,
                "/orders/"
                        + app.sql()
                                .sql("select number from shop_order order by id desc limit 1")
                                .query(String.class)
                                .single());
        check(page, "/goods/9999");
        sheets(page);
        cards(page);
        DemoDeals.putBack(app);
        deals(page);

        page.navigate("/you");
        page.getByText("Set it up").click();
        page.locator(".qr").waitFor();
        checkHere(page, "a second factor that is set up");
        fits(page, "a second factor that is set up");

        page.navigate("/goods/1");
        page.fill("[id='/rows/0/value']", "x");
        page.locator("#save").click();
        page.locator("#notice.wrong").waitFor();
        checkHere(page, "/goods/1 with a fault");

        assertThat(complaints).isEmpty();
    }

    /** Deals of each kind at each of their steps, and a basket in which some count. */
    private void deals(Page page) {
        check(page, "/deals");
        String ladder = deal(page, "Rope and chain days");
        check(page, ladder + "/live");
        for (String step : List.of("gives", "goods", "who", "words", "languages")) {
            check(page, ladder + "?step=" + step);
        }
        deal(page, "Brush with a cover");
        checkHere(page, "a deal of two sets of goods");
        deal(page, "Invoice fee");
        checkHere(page, "a deal by payment");
        Shopping.at(page, "SHK-8").quantity("5");
        page.click("#buy");
        page.fill("#code", "WRONG");
        page.getByText("Take it").click();
        page.locator("#error-code").getByText("No:").waitFor();
        checkHere(page, "a basket with a hint and a wrong code");
        page.selectOption("#payment", "invoice");
        check(page, "/counter/checkout");
    }

    private static String deal(Page page, String name) {
        page.navigate("/deals");
        page.getByText(name).first().click();
        page.locator("form#deal").waitFor();
        return page.url().replaceFirst("https?://[^/]+", "").replaceFirst("\\?.*", "");
    }

    private static void readIn(Page page, String csv) {
        page.navigate("/sheets");
        page.setInputFiles("#file", new FilePayload("spring.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        page.getByText("Look at it").click();
    }

    /** Heads that are not known, a batch with rows of every kind, and what can be done with picked goods. */
    private void sheets(Page page) {
        readIn(page, "sku,cust. grp,price,remark\nBRU-1,Boatyard,14,\n");
        page.locator("#pick").waitFor();
        checkHere(page, "a sheet with heads that are not known");
        fits(page, "a sheet with heads that are not known");
        page.navigate("/sheets?of=GOODS");
        page.setInputFiles(
                "#file",
                new FilePayload(
                        "goods.csv",
                        "text/csv",
                        "sku,name,brand,tax class\nA-1,One,Wickham,\nA-2,Two,,Normal\nA-3,Three,,Normal\n"
                                .getBytes(StandardCharsets.UTF_8)));
        page.getByText("Look at it").click();
        page.locator(".alike").waitFor();
        checkHere(page, "goods that are looked at");
        fits(page, "goods that are looked at");
        readIn(
                page,
                "sku,what,from,price,action\nBRU-1,row,6,4,\nBRU-1,row,9,13,\nNOPE,row,6,1,\nSHK,row,100,,remove\n");
        page.locator("#sum").waitFor();
        checkHere(page, "a sheet that is looked at");
        page.navigate("/goods");
        page.check("#pick-shown");
        page.click("#act");
        page.locator("#acting").waitFor();
        checkHere(page, "what can be done with picked goods");
    }

    /** A card of each kind with a picture of its own, at each of its steps. */
    private void cards(Page page) {
        check(page, "/cards");
        for (String name : List.of("Boat covers by area", "Antifouling by hull area")) {
            page.navigate("/cards");
            page.getByText(name).first().click();
            page.click("#to-live");
            check(page, page.url().replaceFirst("https?://[^/]+", ""));
        }
        check(page, "/cards/new");
        CardHands.begin(page, "COVER", "area").press("add-rate", "", "");
        String cover = page.url().replaceFirst("https?://[^/]+", "").replaceFirst("\\?.*", "");
        for (String step : List.of("ask", "piece", "breaks", "finish", "covers", "weights", "shop", "languages")) {
            check(page, cover + "?step=" + step);
        }
        for (String way : List.of("quantity", "grid", "packs", "lots", "formula")) {
            CardHands.begin(page, "LEAD", way);
            checkHere(page, "a new card, " + way);
        }
        CardHands.begin(page, "ROPE-12", "metre").step("ask").press("add-choice", "", "");
        checkHere(page, "the asks of a new card");
        fits(page, "the asks of a new card");
        page.fill("[name='/asks/0/min']", "x");
        page.locator("#card [aria-invalid=true]").first().waitFor();
        checkHere(page, "a card with a fault");
        check(page, "/cards");
    }

    private static void fillBasket(Page page) {
        for (String sku : List.of("SHK-8", "SCR-4x40")) {
            page.navigate("/counter/goods/" + sku);
            page.fill("#quantity", "12");
            page.getByText("Put in the basket").click();
            page.waitForURL("**/counter/basket");
        }
    }

    private static String order(Page page) {
        page.navigate("/counter/checkout");
        page.fill("#name", "Ada Quill");
        page.fill("#email", "ada@example.org");
        page.fill("#card", "5000 1111 2222 3331");
        page.getByText("Order and pay").click();
        page.waitForURL("**/counter/orders/*");
        return page.url().replaceFirst("https?://[^/]+", "");
    }

    private void check(Page page, String path) {
        page.setViewportSize(1280, 800);
        page.navigate(path);
        checkHere(page, path);
        fits(page, path);
    }

    private void fits(Page page, String path) {
        page.setViewportSize(390, 844);
        int width = (int) page.evaluate("document.documentElement.scrollWidth");
        if (width > 390) {
            complaints.add(path + " is " + width + " wide on a phone of 390");
        }
        page.setViewportSize(1280, 800);
    }

    private void checkHere(Page page, String path) {
        complaints.addAll(Access.complaints(page, path));
    }
}
