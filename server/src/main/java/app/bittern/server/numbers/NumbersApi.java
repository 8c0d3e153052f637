package app.bittern.server.numbers;

import app.bittern.server.finding.FindingApi;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// What the endpoints of numbers take and give.
public final class NumbersApi {
    private NumbersApi() {}

    /// The routes for a number in the order in which they are tried, or all of them.
    ///
    /// @param number    absent where they are all
    /// @param unmatched the calls to it that no route takes, in words
    /// @param expected  whether shares are of expected calls; else of hours
    /// @param current   whether what is never taken is known of this very version
    public record OrderView(
            long version,
            Optional<String> number,
            List<RankView> ranks,
            Optional<String> unmatched,
            boolean expected,
            boolean current) {}

    /// A route in its place.
    ///
    /// @param called   which numbers it is for, in words, as `caller` and `holds`
    /// @param leads    where it sends calls, in words
    /// @param on       whether it is switched on
    /// @param takes    the calls that it takes, in words; absent where it never takes one
    /// @param before   what the routes are called that take calls first which it is for
    /// @param share    0 to 1, of callers who are not told apart; of all routes it is not given
    /// @param contacts how many of the directory it takes at some time
    public record RankView(
            String object,
            String title,
            String called,
            String caller,
            String holds,
            String leads,
            Optional<String> stands,
            boolean on,
            Optional<String> takes,
            List<String> before,
            Optional<Double> share,
            int contacts) {}

    /// The numbering plan.
    ///
    /// @param outside   numbers that are in no block
    /// @param conflicts findings of numbers in the way of each other, the first of them
    /// @param total     of such findings
    /// @param current   whether they are those of this very version
    public record NumberingView(
            long version,
            List<BlockView> blocks,
            List<UsedView> outside,
            List<FindingApi.FindingView> conflicts,
            int total,
            boolean current) {}

    /// @param use   the kind that it is set aside for, in words
    /// @param size  numbers in it
    /// @param next  the next free one
    /// @param used  in order
    public record BlockView(
            String from,
            String to,
            String use,
            Optional<String> note,
            long size,
            Optional<String> next,
            List<UsedView> used) {}

    /// @param fits whether its kind is that of the block
    public record UsedView(String number, String object, String title, boolean fits) {}

    /// Numbers as they were typed, line by line.
    public record TypedView(List<LineView> lines) {}

    /// @param line    from 1
    /// @param wrong   why it cannot be read
    public record LineView(int line, String name, List<TypedNumber> numbers, Optional<String> wrong) {}

    /// @param shown   as people read it
    /// @param trunk   that would bring it, `trunk/main`: the one chosen
    /// @param arrives the digits that the trunk would deliver
    /// @param known   whether it is in the plan already
    /// @param clash   an inbound number with the same digits on the same trunk
    public record TypedNumber(
            String number,
            String shown,
            Optional<String> trunk,
            Optional<String> arrives,
            boolean known,
            Optional<String> clash) {}

    /// What arrived and matches nothing.
    public record ArrivalsView(long version, List<ArrivalView> arrivals) {}

    /// @param means the number that is meant, E.164; absent where the digits mean none
    /// @param why   why no route takes it
    /// @param ours  whether somebody has said that it is one of ours and nothing to do
    /// @param last  by the site's clock
    public record ArrivalView(
            long id,
            String digits,
            String trunk,
            String trunkTitle,
            long times,
            String last,
            Optional<String> means,
            Optional<String> shown,
            String why,
            boolean ours) {}

    /// A list of what arrived.
    ///
    /// @param trunk that brought it, `trunk/main`
    /// @param lines digits, each in a line of its own; how often may stand behind them
    public record Arrived(@Nullable String trunk, @Nullable String lines) {}

    /// What was done with a list.
    ///
    /// @param kept    lines that match nothing
    /// @param matched lines that a route takes
    /// @param unread  lines that are no digits, with the reason
    public record Taken(int kept, int matched, List<String> unread) {}

    /// @param ours whether it is one of ours, and nothing to do
    public record Told(long id, boolean ours) {}
}
