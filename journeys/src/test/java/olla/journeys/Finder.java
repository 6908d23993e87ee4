package olla.journeys;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;

/** Finds parts of a page in the tree that the browser makes for screen readers (DevTools, domain Accessibility). */
final class Finder {

    /* An element is handed from the one protocol to the other by this mark, which is taken off at once. */
    private static final String MARK = "data-found";

    private static final int MOST_UP = 4;
    private static final int MOST_LOOKS = 5;

    /* What the browser says of a node that has been taken away. */
    private static final Pattern GONE = Pattern.compile("(?i)no node|not find|not belong|cannot find|invalid.*object");

    /* What can be tapped is no smaller (published: WCAG 2.2, 2.5.8). */
    private static final int LEAST_TARGET_PX = 24;

    private final ChromeDriver driver;

    Finder(ChromeDriver driver) {
        this.driver = driver;
    }

    /** Those that are there and can be seen, in the page's order; the one that is meant where one of several is. */
    List<WebElement> all(Part part) {
        for (int look = 1; ; look++) {
            try {
                return found(part);
            } catch (StaleElementReferenceException changed) {
                // Drawn anew between two looks: that is not to be taken for its absence.
                if (look == MOST_LOOKS) {
                    throw changed;
                }
            }
        }
    }

    private List<WebElement> found(Part part) {
        List<WebElement> found = new ArrayList<>();
        if (part.role() == null) {
            found.addAll(driver.findElements(By.cssSelector(part.name())));
        } else {
            boolean valued = part.role().equals("definition");
            for (int node : nodes(valued ? new Part("term", part.name(), part.within(), "", 0, null) : part)) {
                WebElement element = part.role().equals("combobox") ? seen(element(node)) : element(node);
                found.add(valued ? element.findElement(By.xpath("following-sibling::dd")) : element);
            }
        }
        found.removeIf(e ->
                !e.isDisplayed() || !part.saying().isEmpty() && !e.getText().contains(part.saying()));
        int which = part.which() < 0 ? found.size() + part.which() : part.which();
        if (part.which() == 0) {
            return found;
        }
        return which >= 0 && which < found.size() ? List.of(found.get(which)) : List.of();
    }

    /* A choice whose field is too small to be tapped is tapped where it is drawn. */
    private static WebElement seen(WebElement element) {
        WebElement seen = element;
        for (int up = 0; up < MOST_UP && narrow(seen); up++) {
            seen = seen.findElement(By.xpath(".."));
        }
        return narrow(seen) ? element : seen;
    }

    private static boolean narrow(WebElement element) {
        Dimension size = element.getSize();
        return !element.isDisplayed() || Math.min(size.getWidth(), size.getHeight()) < LEAST_TARGET_PX;
    }

    /* What is in something else is asked for in each of those that this may be. */
    private List<Integer> nodes(Part part) {
        List<Integer> nodes = new ArrayList<>();
        if (part.within() == null) {
            Object root =
                    ((Map<?, ?>) say("DOM.getDocument", Map.of("depth", 0)).get("root")).get("nodeId");
            nodes.addAll(query(Map.of("nodeId", root, "role", part.role()), part));
        } else {
            for (int whole : wholes(part.within())) {
                nodes.addAll(query(Map.of("backendNodeId", whole, "role", part.role()), part));
            }
        }
        return nodes;
    }

    private List<Integer> wholes(Part whole) {
        if (whole.saying().isEmpty() && whole.which() == 0) {
            return nodes(whole);
        }
        return all(whole).stream().map(this::node).toList();
    }

    private List<Integer> query(Map<String, Object> asked, Part part) {
        List<Integer> nodes = new ArrayList<>();
        for (Object one : (List<?>) say("Accessibility.queryAXTree", asked).get("nodes")) {
            Map<?, ?> node = (Map<?, ?>) one;
            if (!Boolean.TRUE.equals(node.get("ignored"))
                    && text(node.get("name"))
                            .toLowerCase(Locale.ROOT)
                            .startsWith(part.name().toLowerCase(Locale.ROOT))
                    && (part.state() == null || state(node, part.state()))) {
                nodes.add(((Number) node.get("backendDOMNodeId")).intValue());
            }
        }
        return nodes;
    }

    private static boolean state(Map<?, ?> node, String name) {
        return ((List<?>) node.get("properties"))
                .stream()
                        .map(p -> (Map<?, ?>) p)
                        .anyMatch(p -> name.equals(p.get("name")) && "true".equals(text(p.get("value"))));
    }

    private static String text(Object value) {
        Object said = value instanceof Map<?, ?> typed ? typed.get("value") : null;
        return said == null ? "" : String.valueOf(said).strip();
    }

    private WebElement element(int node) {
        Object object = ((Map<?, ?>)
                        say("DOM.resolveNode", Map.of("backendNodeId", node)).get("object"))
                .get("objectId");
        String mark = String.valueOf(node);
        on(object, "function () { this.setAttribute('" + MARK + "', '" + mark + "') }");
        List<WebElement> marked = driver.findElements(By.cssSelector("[" + MARK + "='" + mark + "']"));
        on(object, "function () { this.removeAttribute('" + MARK + "') }");
        if (marked.isEmpty()) {
            throw new StaleElementReferenceException("it was taken away");
        }
        return marked.get(0);
    }

    private int node(WebElement element) {
        driver.executeScript("arguments[0].setAttribute('" + MARK + "', 'whole')", element);
        Object root = ((Map<?, ?>) say("DOM.getDocument", Map.of("depth", 0)).get("root")).get("nodeId");
        Object there = say("DOM.querySelector", Map.of("nodeId", root, "selector", "[" + MARK + "=whole]"))
                .get("nodeId");
        driver.executeScript("arguments[0].removeAttribute('" + MARK + "')", element);
        Map<?, ?> described =
                (Map<?, ?>) say("DOM.describeNode", Map.of("nodeId", there)).get("node");
        return ((Number) described.get("backendNodeId")).intValue();
    }

    private void on(Object object, String function) {
        say("Runtime.callFunctionOn", Map.of("objectId", object, "functionDeclaration", function));
    }

    private Map<String, Object> say(String command, Map<String, Object> what) {
        try {
            return driver.executeCdpCommand(command, what);
        } catch (WebDriverException failed) {
            if (GONE.matcher(String.valueOf(failed.getMessage())).find()) {
                throw new StaleElementReferenceException("it was taken away", failed);
            }
            throw failed;
        }
    }
}
