package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A menu that speaks for more than 30 s.
final class MenuLong extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-long",
            "Menu that speaks long",
            Severity.WARNING,
            "A menu that speaks for more than 30 s.",
            "Callers forget the first key before the last is said. Shorten the prompt, or branch the menu.");

    private static final int LONGEST = 30;

    MenuLong() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        Plan plan = examination.plan();
        return speech(plan, menu);
    }

    private static Stream<Finding> speech(Plan plan, Menu menu) {
        return plan.site().languages().stream()
                .flatMap(language -> Stream.of(menu.prompts().stream()
                                .mapToInt(one -> plan.seconds(one.prompt(), one.in(language)))
                                .sum())
                        .filter(seconds -> seconds > LONGEST)
                        .map(seconds -> ABOUT.at(
                                        menu.ref(),
                                        Pointer.of("prompts"),
                                        Says.the(menu) + " speaks for " + Seconds.said(seconds) + " in " + language
                                                + "; " + Seconds.said(LONGEST) + " are enough.")
                                .of(language, seconds)))
                .limit(1);
    }
}
