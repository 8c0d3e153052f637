package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Measures the screens that build a plan as people use them: first rows, the longest task on the page's thread, rows
/// found by what is typed, a changed field. On the demo, the hotel of 400 rooms and a plan of 5,000 extensions:
/// `./bittern bench plan 5000 > /tmp/large.yaml`, then `mvn test -pl browser -am -Dgroups=measure -DexcludedGroups=
/// -Dtest=ScreensMeasure -Dbittern.plan=/tmp/large.yaml -Dsurefire.failIfNoSpecifiedTests=false`.
@Tag("measure")
class ScreensMeasure {
    private static final int CHANGES = 20;

    /// Between one change and the next people look at what they have done.
    private static final int LOOK_MILLIS = 700;

    /// As in the measure of the server: what is found in the background of a large plan is found by then.
    private static final int THINK_MILLIS = 3000;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().findingDifferences();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    /// What stands first in the second row.
    private static final String THE_SECOND = "the second";

    /// A screen, the view of it that is opened, where its rows are, what is typed to find some.
    private record Shown(String screen, String view, String rows, String find) {}

    private static final List<Shown> SCREENS = List.of(
            new Shown("overview", "", "section[aria-label='What calls do'] tbody tr", ""),
            new Shown("numbers", "", "main tbody tr", THE_SECOND),
            new Shown("numbers", "Routes in order", "main tbody tr", ""),
            new Shown("numbers", "Numbering plan", "main [aria-label='Numbering plan'] h2", ""),
            new Shown("hours", "", "section[aria-label=Week] [role=slider]", ""),
            new Shown("people", "", "[role=grid] [role=gridcell]", "01"),
            new Shown("groups", "", "main [role=slider]", THE_SECOND),
            new Shown("queues", "", "section[aria-label='The wait, drawn to scale']", ""),
            new Shown("voicemail", "", "main tbody tr", THE_SECOND));

    /// Tasks of more than 50 ms are told by the browser; those that are shorter are none.
    private static final String TASKS = """
            window.tasks = [];
            new PerformanceObserver((list) => window.tasks.push(...list.getEntries().map((one) => one.duration)))
              .observe({ type: 'longtask', buffered: true });""";

    /// From a press on a link until its rows are on the screen.
    private static final String OPEN = """
            async ([link, rows]) => {
              const start = performance.now();
              link.click();
              do {
                if (performance.now() - start > 60000) throw new Error('no rows: ' + rows);
                await new Promise((done) => requestAnimationFrame(done));
              } while (!document.querySelector(rows));
              return performance.now() - start;
            }""";

    private static final String SCROLL = """
            async () => {
              const room = (one) => one.scrollHeight - one.clientHeight;
              const most = [...document.querySelectorAll('main, main *')].filter((one) => one.clientHeight > 100
                && /auto|scroll/.test(getComputedStyle(one).overflowY)).sort((one, two) => room(two) - room(one))[0];
              for (let step = 0; most && step < 60; step++) {
                most.scrollTop += 300;
                await new Promise((done) => requestAnimationFrame(done));
              }
              if (most) most.scrollTop = 0;
            }""";

    private static final String FIND = """
            async (text) => {
              const input = document.querySelector('main input[aria-label=Filter]');
              const before = document.querySelector('main').textContent;
              const start = performance.now();
              input.value = text;
              input.dispatchEvent(new Event('input', { bubbles: true }));
              do {
                if (performance.now() - start > 60000) throw new Error('nothing changed');
                await new Promise((done) => requestAnimationFrame(done));
              } while (document.querySelector('main').textContent === before);
              return performance.now() - start;
            }""";

    /// From the last key or press until what is awaited is on the screen.
    private static final String AWAIT = """
            (until) => {
              const is = new Function('return ' + until);
              window.changed = new Promise((done, fail) => {
                let start;
                const begin = () => (start ??= performance.now());
                addEventListener('keydown', (event) => event.key !== 'Shift' && begin(), { capture: true, once: true });
                addEventListener('click', begin, { capture: true, once: true });
                const look = () => {
                  if (start !== undefined && is()) return done(performance.now() - start);
                  if (start !== undefined && performance.now() - start > 30000) return fail(new Error(until));
                  requestAnimationFrame(look);
                };
                look();
              });
            }""";

    private Page page = CHROMIUM.get().newPage(CHROMIUM.window());
    private Technician technician = new Technician(page, APPLICATION);

    @BeforeEach
    void signIn() {
        page.addInitScript(TASKS);
        technician.signIn();
    }

    @AfterEach
    void close() {
        page.close();
    }

    private Locator link(Shown shown) {
        return shown.view().isEmpty()
                ? page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"))
                        .locator("a[href*='/draft/" + shown.screen() + "'], a[href$='/draft']")
                        .filter(new Locator.FilterOptions()
                                .setHasText(shown.screen().substring(0, 1).toUpperCase(Locale.ROOT)
                                        + shown.screen().substring(1)))
                        .first()
                : page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(shown.view()))
                        .first();
    }

    private double open(Shown shown) {
        Locator link = link(shown);
        assertThat(link).isVisible();
        return number(page.evaluate(OPEN, List.of(link.elementHandle(), shown.rows())));
    }

    private static double number(Object measured) {
        return ((Number) measured).doubleValue();
    }

    private String typed(Shown shown) {
        if (!shown.find().equals(THE_SECOND)) {
            return shown.find();
        }
        return shown.screen().equals("groups")
                ? page.locator("main section[aria-label]").nth(1).getAttribute("aria-label")
                : page.locator("main tbody tr:nth-child(2) a").first().innerText();
    }

    private double longest() {
        page.waitForTimeout(LOOK_MILLIS);
        double longest = number(page.evaluate("Math.max(0, ...window.tasks)"));
        page.evaluate("window.tasks.length = 0");
        return longest;
    }

    /// Between one change and the next.
    private int think = LOOK_MILLIS;

    private void screens(String name, String site) {
        System.out.println(name);
        technician.open("/s/" + site + "/draft/findings");
        for (Shown shown : SCREENS) {
            longest();
            double first = open(shown);
            double opening = longest();
            page.evaluate(SCROLL);
            double scrolling = longest();
            String found = "";
            if (!shown.find().isEmpty()) {
                found = String.format(
                        Locale.ROOT,
                        "; found in %.0f, longest task %.0f",
                        number(page.evaluate(FIND, typed(shown))),
                        longest());
                page.evaluate(FIND, "");
            }
            technician.page().locator("nav[aria-label=Screens] a").last().click();
            longest();
            if (!shown.view().isEmpty()) {
                open(new Shown(shown.screen(), "", "main", ""));
                longest();
            }
            double again = open(shown);
            System.out.printf(
                    Locale.ROOT,
                    "  %-28s first rows %4.0f, again %4.0f ms; longest task opening %.0f, scrolling %.0f%s%n",
                    shown.screen() + (shown.view().isEmpty() ? "" : ", " + shown.view()),
                    first,
                    again,
                    opening,
                    scrolling,
                    found);
        }
    }

    private void changes(String site) {
        String draft = "/s/" + site + "/draft/";
        technician.open(draft + "people");
        assertThat(page.getByRole(AriaRole.GRIDCELL).first()).isVisible();
        page.getByRole(AriaRole.GRID).focus();
        technician.press("ArrowRight", "ArrowRight", "ArrowRight");
        changed(
                "a cell of people",
                "document.querySelectorAll('[role=row] [role=gridcell]')[3].textContent !== '%s'",
                "[...document.querySelectorAll('[role=row] [role=gridcell]')][3].textContent",
                turn -> technician.press("Space"));
        technician.open(draft + "groups");
        moved("a group rings longer", page.locator("main [role=slider][aria-label*='rings for']"));
        technician.open(draft + "queues");
        assertThat(technician.region("The wait, drawn to scale")).isVisible();
        Locator said = page.locator("main [role=slider][aria-label*='first said']");
        if (said.count() > 0) {
            moved("said later in a queue", said);
        }
        technician.open(draft + "hours");
        moved("an edge of hours", page.locator("section[aria-label=Week] [role=slider][tabindex='0']"));
        technician.open(draft + "numbers?view=order");
        assertThat(page.locator("button[aria-label*=': switch o']").first()).isVisible();
        changed(
                "a route switched off and on",
                "document.querySelector('button[aria-label*=\": switch o\"]').getAttribute('aria-label') !== '%s'",
                "document.querySelector('button[aria-label*=\": switch o\"]').getAttribute('aria-label')",
                turn -> page.locator("button[aria-label*=': switch o']").first().click());
        Client client = APPLICATION.signedIn();
        String mailbox = client.get("/api/sites/" + site + "/draft/objects/mailbox?rows=1")
                .json()
                .at("/rows/0/key")
                .asString();
        technician.open(draft + "voicemail/mailbox/" + mailbox);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isVisible();
        Locator token = page.locator("button[aria-label^='Longest message: ']").first();
        String label = token.getAttribute("aria-label").replaceAll(":.*", "");
        String shown = "document.querySelector('button[aria-label^=\"" + label + "\"]').textContent";
        Turn typed = turn -> {
            token.focus();
            technician.press("Enter");
            page.locator("#value").fill(100 + turn + "s");
        };
        changed(
                "a field on a sheet, what it will be",
                shown + " !== '%s' && !document.querySelector('[data-popover-content]')",
                shown,
                typed,
                turn -> technician.press("Enter"));
        // Until it is kept it says 101 s.
        changed(
                "a field on a sheet, kept",
                shown + " !== '%s' && " + shown + ".includes('min')",
                shown,
                typed,
                turn -> technician.press("Enter"));
    }

    /// Something on an axis: a step to and fro, as it is moved; and kept by Enter.
    private void moved(String what, Locator handles) {
        assertThat(handles.first()).isVisible();
        String row = handles.first().getAttribute("aria-label").replaceAll(", [0-9:]+$", "");
        String now = "[...document.querySelectorAll('main [role=slider]')].find((one) => one.ariaLabel.startsWith('"
                + row + "')).ariaValueNow";
        Turn step = turn -> {
            handles.first().focus();
            technician.press(turn % 2 == 0 ? "ArrowRight" : "ArrowLeft");
        };
        changed(what + ", moved", now + " !== '%s'", now, step);
        technician.press("Escape");
        changed(
                what + ", kept",
                "!document.querySelector('main [role=slider] .whitespace-nowrap') && " + now + " !== '%s'",
                now,
                step,
                turn -> technician.press("Enter"));
    }

    private interface Turn {
        void take(int turn);
    }

    private void changed(String what, String until, String now, Turn change) {
        changed(what, until, now, turn -> {}, change);
    }

    /// So many changes, each from the press that makes it until the screen shows what is kept.
    private void changed(String what, String until, String now, Turn before, Turn change) {
        double[] taken = new double[CHANGES];
        longest();
        for (int turn = 0; turn < CHANGES; turn++) {
            String is = (String) page.evaluate(now);
            before.take(turn);
            page.evaluate(AWAIT, String.format(until, is));
            change.take(turn);
            taken[turn] = number(page.evaluate("window.changed"));
            page.waitForTimeout(think);
        }
        Arrays.sort(taken);
        System.out.printf(
                Locale.ROOT,
                "  %-28s changed: median %.0f, 95th percentile %.0f, maximum %.0f ms; longest task %.0f%n",
                what,
                taken[CHANGES / 2],
                taken[CHANGES * 95 / 100],
                taken[CHANGES - 1],
                longest());
    }

    @Test
    void theDemo() {
        screens("demo", "saltreach");
        changes("saltreach");
    }

    @Test
    void theHotel() {
        APPLICATION.signedIn().post("/api/sites", "{\"sample\":\"marram-hotel\"}");
        screens("hotel of 400 rooms", "marram-hotel");
        changes("marram-hotel");
    }

    @Test
    void theLargePlan() throws IOException {
        String file = Files.readString(Path.of(System.getProperty("bittern.plan", "/tmp/large.yaml")));
        APPLICATION.signedIn().postText("/api/sites", file);
        screens("5,000 extensions", "large");
        think = THINK_MILLIS;
        changes("large");
    }
}
