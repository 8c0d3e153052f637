package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ClassSetsTest {
    private static final int[] SIZES = {3, 2, 2, 5};
    private static final int ALL = 60;

    private final ClassSets sets = new ClassSets(SIZES);
    private final Map<Integer, BitSet> plain = new HashMap<>();

    private int random(Random random) {
        int set = ClassSets.NONE;
        BitSet same = new BitSet();
        for (int times = 0; times < 3; times++) {
            int one = sets.all();
            BitSet all = new BitSet();
            all.set(0, ALL);
            for (int level = 0; level < SIZES.length; level++) {
                BitSet some = new BitSet();
                for (int index = 0; index < SIZES[level]; index++) {
                    some.set(index, random.nextInt(3) > 0);
                }
                one = sets.and(one, sets.of(level, some));
                all.and(plain(level, some));
            }
            set = sets.or(set, one);
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
    void operationsAreThoseOfPlainSetsAndEqualSetsAreTheSameNumber() {
        Random random = new Random(3);
        Map<BitSet, Integer> numbers = new HashMap<>();
        for (int times = 0; times < 2000; times++) {
            int one = random(random);
            int other = random(random);
            BitSet first = java.util.Objects.requireNonNull(plain.get(one));
            BitSet second = java.util.Objects.requireNonNull(plain.get(other));
            BitSet and = (BitSet) first.clone();
            and.and(second);
            BitSet or = (BitSet) first.clone();
            or.or(second);
            BitSet minus = (BitSet) first.clone();
            minus.andNot(second);
            Map.of(and, sets.and(one, other)).forEach((set, number) -> same(numbers, set, number));
            same(numbers, or, sets.or(one, other));
            same(numbers, minus, sets.minus(one, other));
            for (int level = 0; level < SIZES.length; level++) {
                BitSet at = sets.at(level, one);
                for (int index = 0; index < SIZES[level]; index++) {
                    BitSet only = new BitSet();
                    only.set(index);
                    assertThat(at.get(index)).isEqualTo(first.intersects(plain(level, only)));
                }
            }
        }
    }

    private static void same(Map<BitSet, Integer> numbers, BitSet set, int number) {
        Integer known = numbers.putIfAbsent(set, number);
        assertThat(known == null || known == number).isTrue();
        assertThat(set.isEmpty()).isEqualTo(number == ClassSets.NONE);
    }

    @Test
    void forgettingALevelKeepsWhatTheOthersAllow() {
        Random random = new Random(4);
        for (int times = 0; times < 500; times++) {
            int set = random(random);
            BitSet kept = new BitSet();
            kept.set(0);
            kept.set(3);
            int only = sets.only(set, kept);
            assertThat(sets.at(0, only)).isEqualTo(sets.at(0, set));
            assertThat(sets.minus(set, only)).isEqualTo(ClassSets.NONE);
            assertThat(sets.only(only, kept)).isEqualTo(only);
        }
    }
}
