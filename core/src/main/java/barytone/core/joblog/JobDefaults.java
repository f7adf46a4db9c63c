package barytone.core.joblog;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.IntonationWays;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.PickupTarget;
import barytone.core.plan.ActionSchool;
import barytone.core.plan.ActionTarget;
import barytone.core.plan.NutSchool;
import barytone.core.plan.NutTarget;
import barytone.core.plan.ReliefSchool;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.plan.Station;
import barytone.core.plan.WorkOrder;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What holds on a job until its log says otherwise: the shop's, the player's and the instrument's choices.
 *
 * @param scope the stations that were agreed on
 * @param intonation how intonation is read and judged; null for what is usual for the instrument
 * @param pickups the wanted gaps
 */
public record JobDefaults(
        ReliefTarget relief,
        NutTarget nut,
        ActionTarget action,
        ReliefHabit reliefHabit,
        HeightHabit nutHabit,
        HeightHabit actionHabit,
        RodWays ways,
        WorkOrder order,
        Set<Station> scope,
        @Nullable IntonationWays intonation,
        PickupTarget pickups) {
    public JobDefaults {
        scope = Set.copyOf(scope);
    }

    /** What Barytone starts with. */
    public static JobDefaults usual(InstrumentSpec spec, Touch touch) {
        ReliefTarget relief = ReliefSchool.usualFor(spec).target(spec, touch);
        return new JobDefaults(
                relief,
                NutSchool.USUAL.getFirst().target(spec),
                ActionSchool.usualFor(ActionSchool.USUAL, spec.kind()).target(spec, touch, ActionSchool.Style.ANY),
                new ReliefHabit(relief.method(), Tool.LEAF, Position.PLAYING, false),
                new HeightHabit(new GapMethod.NutPressed(3), Tool.LEAF, Position.PLAYING),
                new HeightHabit(ActionSchool.at(spec), Tool.CARD, Position.PLAYING),
                RodWays.USUAL,
                WorkOrder.RELIEF_NUT_ACTION,
                Set.copyOf(Station.HEIGHTS),
                null,
                PickupTarget.USUAL);
    }

    /** The same with another relief and way of reading it. */
    public JobDefaults with(ReliefTarget otherRelief, ReliefHabit otherHabit) {
        return new JobDefaults(
                otherRelief, nut, action, otherHabit, nutHabit, actionHabit, ways, order, scope, intonation, pickups);
    }

    /** The same with nut or action read otherwise. */
    public JobDefaults with(HeightHabit habit) {
        boolean nutHeights = Station.of(habit.method()) == Station.NUT;
        return new JobDefaults(
                relief,
                nut,
                action,
                reliefHabit,
                nutHeights ? habit : nutHabit,
                nutHeights ? actionHabit : habit,
                ways,
                order,
                scope,
                intonation,
                pickups);
    }

    /** The same with other nut heights wanted. */
    public JobDefaults with(NutTarget other) {
        return new JobDefaults(
                relief, other, action, reliefHabit, nutHabit, actionHabit, ways, order, scope, intonation, pickups);
    }

    /** The same with another action wanted. */
    public JobDefaults with(ActionTarget other) {
        return new JobDefaults(
                relief, nut, other, reliefHabit, nutHabit, actionHabit, ways, order, scope, intonation, pickups);
    }

    /** The same with another way of turning the rod. */
    public JobDefaults with(RodWays other) {
        return new JobDefaults(
                relief, nut, action, reliefHabit, nutHabit, actionHabit, other, order, scope, intonation, pickups);
    }

    /** The same in another order of work. */
    public JobDefaults with(WorkOrder other) {
        return new JobDefaults(
                relief, nut, action, reliefHabit, nutHabit, actionHabit, ways, other, scope, intonation, pickups);
    }

    /** The same with other stations agreed on. */
    public JobDefaults scope(Set<Station> stations) {
        return new JobDefaults(
                relief, nut, action, reliefHabit, nutHabit, actionHabit, ways, order, stations, intonation, pickups);
    }

    /** The same with intonation read and judged otherwise. */
    public JobDefaults with(IntonationWays other) {
        return new JobDefaults(
                relief, nut, action, reliefHabit, nutHabit, actionHabit, ways, order, scope, other, pickups);
    }

    /** The same with other pickup gaps wanted. */
    public JobDefaults with(PickupTarget other) {
        return new JobDefaults(
                relief, nut, action, reliefHabit, nutHabit, actionHabit, ways, order, scope, intonation, other);
    }
}
