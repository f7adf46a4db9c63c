package barytone.server.demo;

import barytone.core.bridge.BridgeKind;
import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.wait.WaitReason;
import barytone.server.instruments.Facts;
import barytone.server.job.Days;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/** A busy day before the ferry sails: what is promised for tonight, and what has to wait. */
final class SaltholmTuesday {
    private final Intake intake;
    private final JobLog log;
    private final JobRegister register;
    private final Instant now;

    SaltholmTuesday(Intake intake, JobLog log, JobRegister register, Instant now) {
        this.intake = intake;
        this.log = log;
        this.register = register;
        this.now = now;
    }

    void tell() {
        Promise tonight = evening(0);
        pintail(tonight);
        gadwall();
        promised(102, tonight);
        promised(107, tonight);
        promised(111, new Promise(evening(1).day(), Promise.Part.NOON));
        promised(106, evening(2));
        waits(
                104,
                new JobEvent.WaitBegun(
                        WaitReason.PART, morning(2), null, "two bushings, with the ferry of the day after tomorrow"));
        siskin();
        brambling();
    }

    /** The ferry sails in the evening of a day on which the shop is open. */
    private Promise evening(int openDays) {
        LocalDate day = Days.of(now);
        for (int left = openDays; ; day = day.plusDays(1)) {
            Promise evening = new Promise(day, Promise.Part.EVENING);
            boolean open = !ShopHours.USUAL.on(day).isEmpty()
                    && evening.due(ShopHours.USUAL, Days.zone()).isAfter(now.plus(Duration.ofHours(1)));
            if (open && left-- == 0) return evening;
        }
    }

    private Instant morning(int days) {
        LocalDate day = Days.of(now).plusDays(days);
        return day.atTime(9, 0).atZone(Days.zone()).toInstant();
    }

    private void promised(long ticket, Promise promise) {
        waits(ticket, new JobEvent.Promised(promise));
    }

    private void waits(long ticket, JobEvent event) {
        long job = register.ofTicket(ticket).orElseThrow().job();
        long seq = log.lastSeq(job) + 1;
        log.insert(job, seq, now.minusSeconds(30), event, "demo-" + job + "-" + seq, null);
    }

    /** Its neck settles right now. */
    private void pintail(Promise tonight) {
        Facts facts = new Facts(
                InstrumentKind.ELECTRIC.usual(),
                "Two-post electric “Pintail”",
                RodType.SINGLE,
                RodAccess.HEADSTOCK,
                BridgeKind.TWO_POST);
        new Story(
                        intake,
                        log,
                        new Story.Taken(
                                facts,
                                "Saltholm Ferry Band, deck loan no. 11",
                                Touch.MEDIUM,
                                "High everywhere since the spare strings went on.",
                                Station.HEIGHTS),
                        now.minus(Duration.ofMinutes(13)))
                .add(new JobEvent.Promised(tonight))
                .relief(0.41, 0.38)
                .goodNut()
                .action(2.2, 2.1, 2.0, 1.9, 1.8, 1.7)
                .after(5)
                .add(new ReliefEvent.RodTurned(new Turns(2), false, false))
                .add(new JobEvent.Retuned())
                .relief(0.23, 0.21);
    }

    /** A slot was filled, and cures. */
    private void gadwall() {
        new Story(
                        intake,
                        log,
                        new Story.Taken(
                                InstrumentKind.FLAT_TOP,
                                "Flat-top “Gadwall”",
                                "Island school, loan no. 2",
                                Touch.LIGHT,
                                "The third string buzzes open."),
                        now.minus(Duration.ofMinutes(26)))
                .relief(0.16, 0.15)
                .nut(0.15, 0.145, 0.14, 0.02, 0.13, 0.125)
                .action(2.3, 2.2, 2.1, 2.0, 1.9, 1.8)
                .after(8)
                .add(new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(3), 0.15));
    }

    /** Read and spoken about: the school has to say who pays. */
    private void brambling() {
        read("Semi-hollow “Brambling”", "Island school, loan no. 5", "The neck moves in its pocket.", 75)
                .add(new JobEvent.WaitBegun(
                        WaitReason.ANSWER,
                        now.plus(Duration.ofHours(3)),
                        null,
                        "the school asks who pays for the neck to be set anew"));
    }

    /** Done as far as it goes, before its player has played it. */
    private void siskin() {
        read("Semi-hollow “Siskin”", "Saltholm Ferry Band, saloon loan no. 4", "Softer for the left hand.", 130)
                .add(new JobEvent.WaitBegun(WaitReason.PLAYER, null, null, "after the rehearsal"));
    }

    private Story read(String name, String player, String complaint, int minutesAgo) {
        return new Story(
                        intake,
                        log,
                        new Story.Taken(InstrumentKind.SEMI_HOLLOW, name, player, Touch.LIGHT, complaint),
                        now.minus(Duration.ofMinutes(minutesAgo)))
                .relief(0.19, 0.17)
                .goodNut()
                .action(2.1, 2.0, 1.9, 1.8, 1.7, 1.6);
    }
}
