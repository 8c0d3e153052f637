package app.bittern.finding.checks;

import app.bittern.finding.Check;
import java.util.List;
import java.util.Optional;

/// The list of checks, in the order in which their findings are read; a new one is a line here.
public final class Checks {
    public static final List<Check> ALL = List.of(
            new Hole(),
            new Endless(),
            new Round(),
            new Lost(),
            new CutOff(),
            new Unmatched(),
            new NoRouteForAnything(),
            new RouteNever(),
            new RouteTied(),
            new NumberBegins(),
            new DeliveredAlike(),
            new NumberBlock(),
            new NumberDue(),
            new MenuKeyExtension(),
            new MenuTrap(),
            new MenuGiveUp(),
            new MenuLong(),
            new MenuKeySaid(),
            new MenuKeyUnsaid(),
            new HoursNever(),
            new HoursGap(),
            new HoursNoHoliday(),
            new CaseNever(),
            new PromptLanguage(),
            new PromptUnused(),
            new Unused(),
            new PromptEmpty(),
            new PromptSound(),
            new RingShort(),
            new RingLong(),
            new RingNever(),
            new GroupEmpty(),
            new GroupTwice(),
            new KeyToTake(),
            new PageEmpty(),
            new GroupWantsQueue(),
            new QueueWantsGroup(),
            new QueueUnstaffed(),
            new QueueRing(),
            new QueueWrapUp(),
            new QueueNoOverflow(),
            new QueueOverlap(),
            new QueuePosition(),
            new AgentPrecedence(),
            new AgentTwice(),
            new AgentLogin(),
            new AgentAway(),
            new QueueNeeds(),
            new WrongMailbox(),
            new MailboxUnattended(),
            new MailboxSmall(),
            new MailboxGreeting(),
            new ForwardLong(),
            new ForwardBarred(),
            new Silence(),
            new TrunkChannels(),
            new OutboundTied(),
            new EmergencyRoute(),
            new EmergencyAlarm(),
            new EmergencyBarred(),
            new PhonePlace(),
            new CallerId(),
            new AlarmRecipients(),
            new AlarmAddresses(),
            new AlarmTarget(),
            new VariableUnknown(),
            new AlarmNever(),
            new TrapIdle(),
            new TrapEquipment(),
            new CodePin(),
            new NotReached(),
            new PromiseBroken());

    private Checks() {}

    /// The code most like one that no check has.
    public static Optional<String> nearest(String code) {
        return Nearest.of(code, ALL.stream().map(Check::code));
    }
}
