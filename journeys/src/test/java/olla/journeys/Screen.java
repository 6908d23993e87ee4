package olla.journeys;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementClickInterceptedException;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.print.PageSize;
import org.openqa.selenium.print.PrintOptions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Debian's Chromium showing Olla, and what a cook does with it. */
final class Screen implements AutoCloseable {

    private static final Path BROWSER = Path.of("src", "test", "sh", "browser").toAbsolutePath();
    private static final Duration GLANCE = Duration.ofMillis(100);
    private static final Duration PATIENCE = Duration.ofSeconds(20).multipliedBy(slowness());
    private static final Duration LONG_PATIENCE = Duration.ofSeconds(120).multipliedBy(slowness());

    /* Calls back once what moves has come to its end, and once more what that has set moving. */
    private static final String STILL = """
            const said = arguments[0]
            const moving = () => document.getAnimations()
              .filter((one) => one.effect && isFinite(one.effect.getComputedTiming().endTime))
              .map((one) => one.finished.catch(() => undefined))
            const frame = () => new Promise((go) => requestAnimationFrame(() => setTimeout(go, 50)))
            void (async () => {
              for (let i = 0; i < 3; i++) {
                await frame()
                await Promise.all(moving())
              }
              said()
            })()
            """;

    /** The one place where units are switched. */
    static final Part UNITS = Part.drawn(".units");

    private static final Pattern PDF_PAGE = Pattern.compile("/Type\\s*/Page\\b");

    private final String address;
    private final Path profile;
    private final ChromeDriver driver;
    private final Finder finder;
    private int taps;

    Screen(String address) {
        this.address = address;
        ChromeOptions options = new ChromeOptions();
        options.setBinary(BROWSER.toFile());
        // Out on the network the kitchen's certificate is its own: a cook says yes to it once.
        options.setAcceptInsecureCerts(true);
        try {
            profile = Files.createTempDirectory(Path.of("target").toAbsolutePath(), "chromium");
            options.addArguments(
                    "--no-sandbox",
                    "--disable-dev-shm-usage",
                    "--disable-gpu",
                    "--disable-quic",
                    "--no-first-run",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync",
                    "--hide-scrollbars",
                    "--force-device-scale-factor=1",
                    "--blink-settings=primaryHoverType=2,availableHoverTypes=2,primaryPointerType=4,availablePointerTypes=4",
                    "--user-data-dir=" + profile);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                .build();
        driver = new ChromeDriver(service, options);
        finder = new Finder(driver);
        size(1280, 800);
        driver.executeCdpCommand("Emulation.setCPUThrottlingRate", Map.of("rate", slowness()));
    }

    /** How many times slower than it is this browser shall be, to see that nothing waits for a time: OLLA_THROTTLE, or 1. */
    static int slowness() {
        return Integer.parseInt(System.getenv().getOrDefault("OLLA_THROTTLE", "1"));
    }

    /** Opens one more tab and goes on in it. */
    void tab(String path) {
        driver.switchTo().newWindow(WindowType.TAB);
        size(1280, 800);
        open(path);
    }

    /** Sets the page's size exactly, which a window's size does not. */
    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    void open(String path) {
        driver.get(address + path);
    }

    /** Opens a page as a browser that has never seen Olla. */
    void openAfresh(String path) {
        driver.executeCdpCommand(
                "Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "local_storage"));
        open(path);
    }

    /** Whether this device keeps the app: all of it, so that it opens off the network. */
    boolean kept() {
        return Boolean.TRUE.equals(scriptLater("const done = arguments[arguments.length - 1];"
                + "navigator.serviceWorker.getRegistration().then((its) => done(Boolean(its && its.active)))"));
    }

    /** The worker that keeps it, as the kitchen computer has it now. */
    String worker() {
        return String.valueOf(scriptLater("const done = arguments[arguments.length - 1];"
                + "fetch('/sw.js').then((answer) => answer.text()).then(done)"));
    }

    void reload() {
        driver.navigate().refresh();
    }

    String path() {
        return driver.getCurrentUrl().substring(address.length());
    }

    String title() {
        return driver.getTitle();
    }

    /** Waits longer than usual for a text: what takes minutes in a kitchen takes seconds in a fast one, but not few. */
    void waitLongForText(Part part, String text) {
        new WebDriverWait(driver, LONG_PATIENCE)
                .pollingEvery(GLANCE)
                .ignoring(StaleElementReferenceException.class)
                .withMessage(() -> "“" + text + "” in " + part + ", which says “" + text(part) + "” " + complaints())
                .until(d -> text(part).contains(text));
    }

    /** Waits until something is so, and answers with it. */
    <T> T until(String what, Supplier<T> condition) {
        return new WebDriverWait(driver, PATIENCE)
                .pollingEvery(GLANCE)
                .ignoring(StaleElementReferenceException.class)
                .withMessage(() -> what + " at " + driver.getCurrentUrl() + " " + complaints())
                .until(d -> condition.get());
    }

    WebElement see(Part part) {
        return until(
                "to see " + part, () -> finder.all(part).stream().findFirst().orElse(null));
    }

    boolean shows(Part part) {
        return !finder.all(part).isEmpty();
    }

    String text(Part part) {
        return see(part).getText();
    }

    /** How often something was tapped. */
    int taps() {
        return taps;
    }

    /** The first number of a text, halves as 0.5. */
    double minutes(Part part) {
        String text = text(part).replace("½", ".5");
        Matcher number = Pattern.compile("([0-9.]+)").matcher(text);
        if (!number.find()) {
            throw new AssertionError("no number in " + text);
        }
        return Double.parseDouble(number.group(1));
    }

    void waitForText(Part part, String text) {
        String[] said = {""};
        new WebDriverWait(driver, PATIENCE)
                .pollingEvery(GLANCE)
                .ignoring(StaleElementReferenceException.class)
                .withMessage(() -> "“" + text + "” in " + part + ", which says “" + said[0] + "” at "
                        + driver.getCurrentUrl() + " " + complaints())
                .until(d -> (said[0] = text(part)).contains(text));
    }

    void tap(Part part) {
        taps++;
        // What is drawn anew in the moment between is tapped where it then lies.
        until("to tap " + part, () -> {
            if ("option".equals(part.role())) {
                return tapInList(part);
            }
            see(part).click();
            return true;
        });
    }

    /** A list grows out of its field and may move while the answer lengthens the page: it is tapped where it lies then. */
    private Boolean tapInList(Part part) {
        WebElement there = see(part);
        // A long list is rolled to it, as a finger does.
        driver.executeScript("arguments[0].scrollIntoView({ block: 'nearest' })", there);
        try {
            there.click();
            return true;
        } catch (ElementClickInterceptedException e) {
            return null;
        }
    }

    void focus(Part part) {
        driver.executeScript("arguments[0].focus()", see(part));
    }

    void press(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    /** Empties a field, types into it and leaves it; one that is just being laid out anew is typed into where it then is. */
    void type(Part part, String text) {
        until("to type into " + part, () -> {
            try {
                see(part).sendKeys(Keys.chord(Keys.CONTROL, "a"), text.isEmpty() ? Keys.DELETE : text, Keys.TAB);
                return true;
            } catch (ElementNotInteractableException moved) {
                return null;
            }
        });
    }

    /** What axe-core objects to once nothing moves any more. */
    List<String> objections() {
        pointAway();
        scriptLater(STILL);
        return violations().stream()
                .map(rule -> rule.getId() + " " + rule.getNodes())
                .toList();
    }

    /** Gives a file to a field, shown or not. */
    void upload(Part part, Path file) {
        driver.findElement(By.cssSelector(part.name()))
                .sendKeys(file.toAbsolutePath().toString());
    }

    /** Shows the page as for the screen or as for the printer. */
    void medium(String screenOrPrint) {
        driver.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", screenOrPrint));
    }

    /** How many pages of A4 a printer would take for it. */
    long printedPages() {
        PrintOptions paper = new PrintOptions();
        paper.setPageSize(new PageSize(29.7, 21.0));
        String pdf =
                new String(Base64.getDecoder().decode(driver.print(paper).getContent()), StandardCharsets.ISO_8859_1);
        return PDF_PAGE.matcher(pdf).results().count();
    }

    /** Keeps what is at an address of the kitchen's in a file, as a browser does with a link that is to be kept. */
    Path kept(String path, Path file) throws IOException {
        try (InputStream in = URI.create(address + path).toURL().openStream()) {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return file;
    }

    /** Takes the network away from this screen, or gives it back. */
    void network(boolean there) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", !there, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    /** Moves the pointer where it touches nothing. */
    void pointAway() {
        new Actions(driver).moveToLocation(1, 1).perform();
    }

    void drag(Part part, int right, int down) {
        new Actions(driver)
                .moveToElement(see(part))
                .clickAndHold()
                .moveByOffset(right / 2, down / 2)
                .moveByOffset(right - right / 2, down - down / 2)
                .release()
                .perform();
    }

    /** Takes hold of something where it is uppermost, beside its middle. */
    void dragByItsTop(Part part, int down) {
        WebElement there = see(part);
        new Actions(driver)
                .moveToElement(
                        there,
                        3 * there.getSize().getWidth() / 10,
                        5 - there.getSize().getHeight() / 2)
                .clickAndHold()
                .moveByOffset(0, down / 2)
                .moveByOffset(0, down - down / 2)
                .release()
                .perform();
    }

    Object script(String code, Object... arguments) {
        return ((JavascriptExecutor) driver).executeScript(code, arguments);
    }

    Object scriptLater(String code, Object... arguments) {
        driver.manage().timeouts().scriptTimeout(Duration.ofMinutes(2));
        return ((JavascriptExecutor) driver).executeAsyncScript(code, arguments);
    }

    /** What the browser had to complain about. */
    List<String> complaints() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(Object::toString)
                .toList();
    }

    void picture(Path file) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    }

    /** What axe-core objects to on this page. There are no frames, so its simple mode, without a second tab, will do. */
    List<Rule> violations() {
        return new AxeBuilder().setLegacyMode(true).analyze(driver).getViolations();
    }

    @Override
    public void close() {
        driver.quit();
        try {
            Kitchen.clear(profile);
        } catch (IOException stillWriting) {
            System.out.println("left in " + profile + ": " + stillWriting.getMessage());
        }
    }
}
