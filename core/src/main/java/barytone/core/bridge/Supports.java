package barytone.core.bridge;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * What carries the strings at the bridge, from bass to treble, and how much of each support's movement every string gets.
 * Heights between two supports are linear in z.
 *
 * @param names of the supports, as they are spoken
 * @param places of the supports across the bridge in mm, treble positive
 * @param shares for each support the share that each string gets of its movement, string 1 first
 */
public record Supports(List<String> names, List<Double> places, List<List<Double>> shares) {
    /** Posts and wheels stand this far outside the outer strings, mm. */
    private static final double POST_MARGIN = 11;

    /** The screws of a barrel stand this far outside its strings, mm. */
    private static final double BARREL_MARGIN = 3;

    public Supports {
        names = List.copyOf(names);
        places = List.copyOf(places);
        shares = shares.stream().map(List::copyOf).toList();
    }

    /** Two of them outside of all strings, from which the heights between follow in a line. */
    static Supports onPosts(List<Double> z, String noun) {
        return between(z, z.getLast() - POST_MARGIN, z.getFirst() + POST_MARGIN, "bass " + noun, "treble " + noun);
    }

    /** The two ends of one piece under all strings. */
    static Supports ends(List<Double> z) {
        return between(z, z.getLast(), z.getFirst(), "bass side", "treble side");
    }

    /** The place under each string where its crown is filed. */
    static Supports crowns(List<Double> z) {
        Supports each = saddles(z);
        return new Supports(
                each.names.stream().map(n -> n.replace("saddle", "crown")).toList(), each.places, each.shares);
    }

    /** The strings that a support moves, lowest first. */
    public List<Integer> strings(int support) {
        List<Integer> strings = new ArrayList<>();
        for (int s = strings(); s >= 1; s--) if (shares.get(support).get(s - 1) != 0) strings.add(s);
        return strings;
    }

    /** One saddle for each pair, as it is moved along its strings. */
    static Supports pairs(List<Double> z) {
        List<String> names = new ArrayList<>();
        List<Double> places = new ArrayList<>();
        List<List<Double>> shares = new ArrayList<>();
        int strings = z.size();
        for (int high = strings % 2 == 1 ? strings : strings - 1; high >= 1; high -= 2) {
            int low = Math.min(high + 1, strings);
            names.add(low == high ? "saddle " + high : "barrel " + low + "–" + high);
            places.add((z.get(low - 1) + z.get(high - 1)) / 2);
            List<Double> share = new ArrayList<>(only(strings, high, 1));
            share.set(low - 1, 1.0);
            shares.add(share);
        }
        return new Supports(names, places, shares);
    }

    /** One for each string. */
    static Supports saddles(List<Double> z) {
        List<String> names = new ArrayList<>();
        List<List<Double>> shares = new ArrayList<>();
        for (int s = z.size(); s >= 1; s--) {
            names.add("saddle " + s);
            shares.add(only(z.size(), s, 1));
        }
        return new Supports(names, z.reversed(), shares);
    }

    private static Supports between(List<Double> z, double bass, double treble, String bassName, String trebleName) {
        List<Double> toBass =
                z.stream().map(at -> (treble - at) / (treble - bass)).toList();
        List<Double> toTreble =
                z.stream().map(at -> (at - bass) / (treble - bass)).toList();
        return new Supports(List.of(bassName, trebleName), List.of(bass, treble), List.of(toBass, toTreble));
    }

    /** Two screws for each pair. */
    static Supports barrels(List<Double> z) {
        List<String> names = new ArrayList<>();
        List<Double> places = new ArrayList<>();
        List<List<Double>> shares = new ArrayList<>();
        int strings = z.size();
        // pairs are counted from string 1; a string left over has a saddle of its own
        for (int high = strings % 2 == 1 ? strings : strings - 1; high >= 1; high -= 2) {
            if (high == strings) {
                names.add("saddle " + high);
                places.add(z.get(high - 1));
                shares.add(only(strings, high, 1));
                continue;
            }
            int low = high + 1;
            double bass = z.get(low - 1) - BARREL_MARGIN;
            double treble = z.get(high - 1) + BARREL_MARGIN;
            for (boolean bassScrew : new boolean[] {true, false}) {
                places.add(bassScrew ? bass : treble);
                names.add("barrel " + low + "–" + high + (bassScrew ? ", bass screw" : ", treble screw"));
                List<Double> share =
                        new ArrayList<>(only(strings, high, share(z.get(high - 1), bass, treble, bassScrew)));
                share.set(low - 1, share(z.get(low - 1), bass, treble, bassScrew));
                shares.add(share);
            }
        }
        return new Supports(names, places, shares);
    }

    private static double share(double z, double bass, double treble, boolean bassScrew) {
        double toTreble = (z - bass) / (treble - bass);
        return bassScrew ? 1 - toTreble : toTreble;
    }

    private static List<Double> only(int strings, int string, double share) {
        List<Double> shares = new ArrayList<>();
        for (int s = 1; s <= strings; s++) shares.add(s == string ? share : 0.0);
        return shares;
    }

    public int size() {
        return names.size();
    }

    public int strings() {
        return shares.getFirst().size();
    }

    /** What each string gets when the supports move by so much, in the unit given, string 1 first. */
    public List<Double> atStrings(List<Double> movements) {
        Allowed.whole("supports", movements.size(), size(), size());
        List<Double> got = new ArrayList<>();
        for (int s = 0; s < strings(); s++) {
            double sum = 0;
            for (int j = 0; j < size(); j++) sum += shares.get(j).get(s) * movements.get(j);
            got.add(sum);
        }
        return List.copyOf(got);
    }
}
