package barytone.server.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Debian's Chromium without a monitor, and what every page of it must not do. */
final class Browsing implements AutoCloseable {
    private static final Path WITH_WINDOWS = Path.of("/usr/bin/chromium");

    private static final Path WITHOUT = Path.of("/usr/bin/chromium-headless-shell");

    /** The one without windows does a third less work, and sets its letters closer than the other. */
    private static final Path QUICK = Files.isExecutable(WITHOUT) ? WITHOUT : WITH_WINDOWS;

    /**
     * What nobody looks at is not drawn, which is a fifth to two fifths of a browser's work: seen through, a page is laid out, found, pressed and read
     * as any other. It is there before the page's own styles.
     */
    private static final String UNDRAWN = """
            {
              const unseen = new CSSStyleSheet();
              unseen.replaceSync('body { opacity: 0 }');
              document.adoptedStyleSheets = [unseen];
            }""";

    /** Long enough for a machine that has other work; what is waited for comes much sooner. */
    private static final int PATIENCE_MILLIS = 45_000;

    /** A driver belongs to its thread, and classes walk side by side. */
    private static final ThreadLocal<Playwright> PLAYWRIGHT = ThreadLocal.withInitial(() ->
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"))));

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
    }

    /** The browser of every walk of this thread; started once, for that takes seconds. Those that hear a sound are their own. */
    private static final ThreadLocal<Browser> USUAL = new ThreadLocal<>();

    /** Whose it is: shared by the walks of a thread, one walk's own, or its own and drawing what is seen. */
    private enum Use {
        SHARED,
        OWN,
        DRAWING
    }

    private Browser browser;
    private final Use use;
    private final List<String> troubles = new ArrayList<>();
    private final Consumer<String> failed = troubles::add;
    private final Consumer<Request> asked = this::within;
    private final String base;

    /** A window that an earlier walk is done with: another takes twice the work of a page, its process with it. */
    private @Nullable Page spare;

    Browsing(String base) {
        this(base, started(), Use.SHARED);
    }

    private Browsing(String base, Browser browser, Use use) {
        this.base = base;
        this.browser = browser;
        this.use = use;
    }

    private static Browser started() {
        Browser usual = USUAL.get();
        if (usual != null && usual.isConnected()) return usual;
        Browser anew = start();
        USUAL.set(anew);
        return anew;
    }

    private static Browser start(String... more) {
        return start(QUICK, more);
    }

    private static Browser start(Path chromium, String... more) {
        List<String> args = new ArrayList<>(List.of(
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                // a process kept ready for a page that may come
                "--disable-features=SpareRendererForSitePerProcess",
                "--disable-sync"));
        args.addAll(List.of(more));
        return PLAYWRIGHT
                .get()
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(chromium)
                        .setArgs(args));
    }

    /** A browser that draws as a technician's does. */
    static Browsing drawing(String base) {
        return new Browsing(base, start(Files.isExecutable(WITH_WINDOWS) ? WITH_WINDOWS : WITHOUT), Use.DRAWING);
    }

    /** A browser without a microphone. */
    static Browsing deaf(String base) {
        return new Browsing(base, start("--autoplay-policy=no-user-gesture-required"), Use.OWN);
    }

    /** A browser whose microphone hears a sound file over and over. */
    static Browsing hearing(String base, Path wav) {
        return new Browsing(
                base,
                start(
                        "--use-fake-ui-for-media-stream",
                        "--use-fake-device-for-media-stream",
                        "--use-file-for-fake-audio-capture=" + wav,
                        "--autoplay-policy=no-user-gesture-required"),
                Use.OWN);
    }

    /** A window that may listen to the microphone. */
    Page listening(String path) {
        Page page = page(path);
        page.context().grantPermissions(List.of("microphone"));
        return page;
    }

    /**
     * Closes every window, or each would go on asking for news; one is emptied and kept. One that is gone already is closed: what it could not
     * show has failed its walk by then, and a browser that is lost is started anew for the next.
     */
    void closeWindows() {
        spare = use != Use.SHARED ? null : emptied();
        for (BrowserContext window : List.copyOf(browser.contexts()))
            try {
                if (spare == null || window != spare.context()) window.close();
            } catch (PlaywrightException gone) {
                if (browser.isConnected() && browser.contexts().contains(window)) throw gone;
            }
        if (use == Use.SHARED) browser = started();
    }

    /** A window of a walk that nothing is left in; null when there is none. */
    private @Nullable Page emptied() {
        try {
            for (BrowserContext window : browser.contexts()) {
                if (window.pages().size() != 1) continue;
                Page page = window.pages().getFirst();
                // what is broken off now is nobody's trouble
                page.offPageError(failed);
                page.offRequest(asked);
                page.unrouteAll();
                window.clearPermissions();
                page.evaluate("() => { localStorage.clear(); sessionStorage.clear(); }");
                page.navigate("about:blank");
                return page;
            }
            return null;
        } catch (PlaywrightException gone) {
            return null;
        }
    }

    /** A new window of its own, at a bench monitor's size. */
    Page page(String path) {
        return page(path, 1280, 800);
    }

    Page page(String path, int width, int height) {
        Page page = spare == null ? window() : spare;
        spare = null;
        page.onPageError(failed);
        page.onRequest(asked);
        page.setViewportSize(width, height);
        page.navigate(path);
        return page;
    }

    private Page window() {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setBaseURL(base)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setTimezoneId("UTC"));
        context.setDefaultTimeout(PATIENCE_MILLIS);
        if (use != Use.DRAWING) context.addInitScript(UNDRAWN);
        return context.newPage();
    }

    private void within(Request request) {
        if (!request.url().startsWith(base) && !request.url().startsWith("data:"))
            troubles.add("asked outside: " + request.url());
    }

    /** Errors of pages and requests to anywhere but the application. */
    List<String> troubles() {
        return troubles;
    }

    @Override
    public void close() {
        if (use != Use.SHARED) {
            browser.close();
            return;
        }
        closeWindows();
        if (spare != null) spare.context().close();
    }
}
