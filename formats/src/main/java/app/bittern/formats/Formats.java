package app.bittern.formats;

import app.bittern.field.KindFields;
import app.bittern.plan.Accepted;
import app.bittern.plan.AgentNote;
import app.bittern.plan.Alarm;
import app.bittern.plan.Announcement;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.CallResult;
import app.bittern.plan.Chain;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Code;
import app.bittern.plan.Contact;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Music;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.PauseReason;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Promise;
import app.bittern.plan.Prompt;
import app.bittern.plan.Queue;
import app.bittern.plan.Recipients;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Site;
import app.bittern.plan.Switch;
import app.bittern.plan.TestCall;
import app.bittern.plan.Traffic;
import app.bittern.plan.TrapTarget;
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
            case SWITCH -> new SwitchFormat();
            case BRANCH -> new BranchFormat();
            case ANNOUNCEMENT -> new AnnouncementFormat();
            case MENU -> new MenuFormat();
            case ASK -> new AskFormat();
            case LOOKUP -> new LookupFormat();
            case RING_GROUP -> new RingGroupFormat();
            case HUNT_GROUP -> new HuntGroupFormat();
            case QUEUE -> new QueueFormat();
            case EXTENSION -> new ExtensionFormat();
            case CHAIN -> new ChainFormat();
            case MAILBOX -> new MailboxFormat();
            case PROMPT -> new PromptFormat();
            case MUSIC -> new MusicFormat();
            case CONTACT -> new ContactFormat();
            case CLASS_OF_SERVICE -> new ClassOfServiceFormat();
            case OUTBOUND -> new OutboundFormat();
            case PAGE -> new PageFormat();
            case CODE -> new CodeFormat();
            case RECIPIENTS -> new RecipientsFormat();
            case ALARM -> new AlarmFormat();
            case TRAP_TARGET -> new TrapTargetFormat();
            case PAUSE_REASON -> new PauseReasonFormat();
            case CALL_RESULT -> new CallResultFormat();
            case AGENT_NOTE -> new AgentNoteFormat();
            case TRAFFIC -> new TrafficFormat();
            case TEST_CALL -> new TestCallFormat();
            case PROMISE -> new PromiseFormat();
            case ACCEPTED -> new AcceptedFormat();
        };
    }

    /// Reads an object whose key has been found sound.
    static Optional<? extends PlanObject> read(Ref ref, Node node, String where, Problems problems) {
        Reading fields = Reading.of(node, where, problems).declared(new Declared(KindFields.of(ref.kind())));
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
            case Switch o -> new SwitchFormat().write(o);
            case Branch o -> new BranchFormat().write(o);
            case Announcement o -> new AnnouncementFormat().write(o);
            case Menu o -> new MenuFormat().write(o);
            case Ask o -> new AskFormat().write(o);
            case Lookup o -> new LookupFormat().write(o);
            case RingGroup o -> new RingGroupFormat().write(o);
            case HuntGroup o -> new HuntGroupFormat().write(o);
            case Queue o -> new QueueFormat().write(o);
            case Extension o -> new ExtensionFormat().write(o);
            case Chain o -> new ChainFormat().write(o);
            case Mailbox o -> new MailboxFormat().write(o);
            case Prompt o -> new PromptFormat().write(o);
            case Music o -> new MusicFormat().write(o);
            case Contact o -> new ContactFormat().write(o);
            case ClassOfService o -> new ClassOfServiceFormat().write(o);
            case Outbound o -> new OutboundFormat().write(o);
            case Page o -> new PageFormat().write(o);
            case Code o -> new CodeFormat().write(o);
            case Recipients o -> new RecipientsFormat().write(o);
            case Alarm o -> new AlarmFormat().write(o);
            case TrapTarget o -> new TrapTargetFormat().write(o);
            case PauseReason o -> new PauseReasonFormat().write(o);
            case CallResult o -> new CallResultFormat().write(o);
            case AgentNote o -> new AgentNoteFormat().write(o);
            case Traffic o -> new TrafficFormat().write(o);
            case TestCall o -> new TestCallFormat().write(o);
            case Promise o -> new PromiseFormat().write(o);
            case Accepted o -> new AcceptedFormat().write(o);
        };
        return written.done();
    }
}
