package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Page;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A page that speaks through no phone.
final class PageEmpty extends PerObject<Page> {
    private static final About ABOUT = new About(
            "page-empty",
            "Page without phones",
            Severity.WARNING,
            "A page that speaks through no phone.",
            "What is said is heard by nobody. Give it phones.");

    PageEmpty() {
        super(ABOUT, Page.class);
    }

    @Override
    Stream<Finding> look(Page page, Examination examination) {
        return page.phones().isEmpty()
                ? Stream.of(ABOUT.at(page.ref(), Pointer.of("phones"), Says.the(page) + " has no phones."))
                : Stream.empty();
    }
}
