package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Page;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A page by multicast without an address.
final class PageAddress extends PerObject<Page> {
    private static final About ABOUT = new About(
            "page-address",
            "Multicast without an address",
            Severity.WARNING,
            "A page that is sent by multicast and has no address.",
            "No phone hears it. Give the address and port that the phones listen to, or ring each in turn.");

    PageAddress() {
        super(ABOUT, Page.class);
    }

    @Override
    Stream<Finding> look(Page page, Examination examination) {
        return page.multicast() && page.address().isEmpty()
                ? Stream.of(ABOUT.at(
                        page.ref(), Pointer.of("address"), Says.the(page) + " is sent by multicast to no address."))
                : Stream.empty();
    }
}
