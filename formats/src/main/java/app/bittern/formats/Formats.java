package app.bittern.formats;

import app.bittern.plan.Announcement;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Site;
import app.bittern.plan.Split;
import app.bittern.plan.Trunk;
import java.util.Optional;

/// The format of each kind.
final class Formats {
    private Formats() {}

    static KindFormat<? extends PlanObject> of(Kind kind) {
        return switch (kind) {
            case SITE -> new SiteFormat();
            case TRUNK -> new TrunkFormat();
            case NUMBER -> new InboundNumberFormat();
            case ROUTE -> new RouteFormat();
            case HOURS -> new HoursFormat();
            case SPLIT -> new SplitFormat();
            case ANNOUNCEMENT -> new AnnouncementFormat();
            case MENU -> new MenuFormat();
            case RING_GROUP -> new RingGroupFormat();
            case EXTENSION -> new ExtensionFormat();
            case MAILBOX -> new MailboxFormat();
            case PROMPT -> new PromptFormat();
        };
    }

    /// Reads an object whose key has been found sound.
    static Optional<? extends PlanObject> read(Ref ref, Node node, String where, Problems problems) {
        Reading fields = Reading.of(node, where, problems);
        Optional<? extends PlanObject> object = of(ref.kind()).read(ref.key(), fields);
        fields.done();
        return object;
    }

    static Node.Fields write(PlanObject object) {
        Writing written = switch (object) {
            case Site o -> new SiteFormat().write(o);
            case Trunk o -> new TrunkFormat().write(o);
            case InboundNumber o -> new InboundNumberFormat().write(o);
            case Route o -> new RouteFormat().write(o);
            case Hours o -> new HoursFormat().write(o);
            case Split o -> new SplitFormat().write(o);
            case Announcement o -> new AnnouncementFormat().write(o);
            case Menu o -> new MenuFormat().write(o);
            case RingGroup o -> new RingGroupFormat().write(o);
            case Extension o -> new ExtensionFormat().write(o);
            case Mailbox o -> new MailboxFormat().write(o);
            case Prompt o -> new PromptFormat().write(o);
        };
        return written.done();
    }
}
