package dev.steelyard.web.testing;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window (a third faster than the one that can have one), started once for all tests of a run. */
final class Chromium implements AutoCloseable {

    static final int WIDTH = 1280;
    static final int HEIGHT = 800;
    private static final double PATIENCE_MILLIS = 20_000;

    private final Playwright playwright;
    private final Browser browser;

    private Chromium(Playwright playwright, Browser browser) {
        this.playwright = playwright;
        this.browser = browser;
    }

    static Chromium start() {
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
        // how long a busy machine may take, not how long a page should
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        return new Chromium(playwright, browser);
    }

    /** A window of its own: no cookies, nothing remembered. */
    BrowserContext fresh(String url) {
        BrowserContext context = browser.newContext(
                new Browser.NewContextOptions().setBaseURL(url).setViewportSize(WIDTH, HEIGHT));
        context.setDefaultTimeout(PATIENCE_MILLIS);
        return context;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
