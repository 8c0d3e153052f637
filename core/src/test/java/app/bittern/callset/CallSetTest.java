package app.bittern.callset;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CallSetTest {
    private static final int[] SIZES = {3, 2, 2, 5};
    private static final int ALL = 60;

    private final CallSpace sets = new CallSpace(SIZES);
    private final Map<CallSet, BitSet> plain = new HashMap<>();

    private CallSet random(Random random) {
        CallSet set = sets.none();
        BitSet same = new BitSet();
        for (int times = 0; times < 3; times++) {
            CallSet one = sets.all();
            BitSet all = new BitSet();
            all.set(0, ALL);
            for (int level = 0; level < SIZES.length; level++) {
                BitSet some = new BitSet();
                for (int index = 0; index < SIZES[level]; index++) {
                    some.set(index, random.nextInt(3) > 0);
                }
                one = one.and(sets.of(level, some));
                all.and(plain(level, some));
            }
            set = set.or(one);
            same.or(all);
        }
        plain.put(set, same);
        return set;
    }

    private static BitSet plain(int level, BitSet some) {
        BitSet set = new BitSet();
        for (int at = 0; at < ALL; at++) {
            int[] of = {at / 20, at / 10 % 2, at / 5 % 2, at % 5};
            set.set(at, some.get(of[level]));
        }
        return set;
    }

    @Test
    void operationsAreThoseOfPlainSetsAndEqualSetsAreOneObject() {
        Random random = Seeds.random(3);
        Map<BitSet, CallSet> numbers = new HashMap<>();
        for (int times = 0; times < 2000; times++) {
            CallSet one = random(random);
            CallSet other = random(random);
            BitSet first = java.util.Objects.requireNonNull(plain.get(one));
            BitSet second = java.util.Objects.requireNonNull(plain.get(other));
            BitSet and = (BitSet) first.clone();
            and.and(second);
            BitSet or = (BitSet) first.clone();
            or.or(second);
            BitSet minus = (BitSet) first.clone();
            minus.andNot(second);
            same(numbers, and, one.and(other));
            same(numbers, or, one.or(other));
            same(numbers, minus, one.minus(other));
            for (int level = 0; level < SIZES.length; level++) {
                BitSet at = one.at(level);
                for (int index = 0; index < SIZES[level]; index++) {
                    BitSet only = new BitSet();
                    only.set(index);
                    assertThat(at.get(index)).isEqualTo(first.intersects(plain(level, only)));
                }
            }
        }
    }

    private static void same(Map<BitSet, CallSet> numbers, BitSet set, CallSet number) {
        CallSet known = numbers.putIfAbsent(set, number);
        assertThat(known == null || known == number).isTrue();
        assertThat(set.cardinality() == ALL).isEqualTo(number.isAll());
        assertThat(set.isEmpty()).isEqualTo(number.isEmpty());
    }

    @Test
    void forgettingALevelKeepsWhatTheOthersAllow() {
        Random random = Seeds.random(4);
        for (int times = 0; times < 500; times++) {
            CallSet set = random(random);
            BitSet kept = new BitSet();
            kept.set(0);
            kept.set(3);
            CallSet only = sets.only(set, kept);
            assertThat(only.at(0)).isEqualTo(set.at(0));
            assertThat(only.holds(set)).isTrue();
            assertThat(sets.only(only, kept)).isEqualTo(only);
        }
    }
}
