package app.dantro.acceptance;

import app.dantro.server.DantroServer;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.context.ConfigurableApplicationContext;

/** The real program with its demo data, and a real browser in front of it. */
public final class Workshop implements AutoCloseable {
    /** A story asks what happens, not how fast: on a busy machine a circuit and its judgement may take half a minute. */
    private static final double PATIENCE_MILLIS = 60_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
    }

    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** Where the program was to be found, before a restart too: a page may still fetch from there. */
    private final List<String> bases = new CopyOnWriteArrayList<>();

    /** One for all tests of a process: each has browser profiles of its own. */
    private static final Browser BROWSER = Playwright.create()
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(ARGUMENTS));

    private final Path folder;
    private final Clock clock;
    private final String[] options;
    private final List<BrowserContext> profiles = new ArrayList<>();
    private final List<String> foreignRequests = new ArrayList<>();
    private final List<String> pageErrors = new ArrayList<>();
    private ConfigurableApplicationContext server;

    private Workshop(Path folder, Clock clock, String... options) {
        this.folder = folder;
        this.clock = clock;
        this.options = options;
        this.server = start();
    }

    public static Workshop open(Path folder) {
        DemoFolder.laidInto(folder, making -> new Workshop(making, Clock.systemUTC()).close());
        return new Workshop(folder, Clock.systemUTC());
    }

    /** The same on a clock of the test's own, with more options of the program. */
    public static Workshop open(Path folder, Clock clock, String... options) {
        return new Workshop(folder, clock, options);
    }

    /** Whether the demo's van has a past, which takes a while to make. */
    static final String YEARS = "--dantro.demo.years=";

    /** How long a save waits for its judgement. */
    static final String WAIT = "--dantro.judgement.wait-ms=";

    private ConfigurableApplicationContext start() {
        List<String> all = new ArrayList<>(List.of("--dantro.data=" + folder, "--server.port=0", "--dantro.demo=true"));
        all.addAll(List.of(options));
        if (all.stream().noneMatch(arg -> arg.startsWith(YEARS))) {
            all.add(YEARS + "false");
        }
        if (all.stream().noneMatch(arg -> arg.startsWith(WAIT))) {
            // A story reads what follows from what it typed, however busy the machine is.
            all.add(WAIT + "20000");
        }
        ConfigurableApplicationContext started = DantroServer.start(clock, all.toArray(String[]::new));
        bases.add("http://127.0.0.1:" + DantroServer.port(started));
        return started;
    }

    /** Stops the program and starts it again on the same folder. */
    public void restart() {
        server.close();
        server = start();
    }

    public String base() {
        return "http://127.0.0.1:" + DantroServer.port(server);
    }

    /** A new browser profile on a screen of 1280 × 800. */
    public Page desk() {
        return page(profile(new Browser.NewContextOptions().setViewportSize(1280, 800)), this::base);
    }

    /** A new browser profile that has fetched nothing and takes no service worker. */
    public Page empty() {
        return profile(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setServiceWorkers(ServiceWorkerPolicy.BLOCK))
                .newPage();
    }

    /** A new browser profile on a touch screen of 390 × 844. */
    public Page phone() {
        return phoneAt(this::base);
    }

    /** The same, under another address of the program. */
    public Page phoneAt(String origin) {
        return phoneAt(() -> origin);
    }

    private Page phoneAt(Supplier<String> origin) {
        return page(
                profile(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true)),
                origin);
    }

    private BrowserContext profile(Browser.NewContextOptions of) {
        BrowserContext opened = BROWSER.newContext(of);
        profiles.add(opened);
        return opened;
    }

    private Page page(BrowserContext context, Supplier<String> origin) {
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MILLIS);
        page.onRequest(request -> {
            String url = request.url();
            boolean own = url.startsWith(origin.get()) || bases.stream().anyMatch(url::startsWith);
            if (!own && !url.startsWith("data:")) {
                foreignRequests.add(url);
            }
        });
        page.onPageError(pageErrors::add);
        page.onConsoleMessage(said -> Stream.of(said.text())
                .filter(t -> t.contains("Content Security Policy"))
                .forEach(pageErrors::add));
        page.navigate(origin.get());
        return page;
    }

    /** Requests that left this machine's address, and errors in pages; both must stay empty. */
    public List<String> mishaps() {
        return Stream.of(foreignRequests, pageErrors).flatMap(List::stream).toList();
    }

    @Override
    public void close() {
        profiles.forEach(BrowserContext::close);
        server.close();
    }
}
