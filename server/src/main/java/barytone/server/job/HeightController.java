package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.estimate.Band;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.NotAllowedException;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Position;
import barytone.core.reading.ReadingBounds;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.server.shop.Settings;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The nut and action stations of a job over HTTP, and answers to the next move. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class HeightController {
    private static final int MOST_TURNS = 16 * Turns.MOST_AT_ONCE;

    private final JobDesk desk;
    private final Choices choices;

    HeightController(JobDesk desk, Choices choices) {
        this.desk = desk;
        this.choices = choices;
    }

    /** The advised move was made as advised. */
    @PostMapping("/followed")
    JobView followed(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Followed asked) {
        return desk.add(id, unit, asked, job -> {
            Advice advice = desk.viewer(job, Units.MM).advice();
            return Boolean.TRUE.equals(asked.whole()) && advice instanceof ActionAdvice.ReworkSaddle saddle
                    ? saddle.whole()
                    : done(job.state(), advice);
        });
    }

    /** The station of what is advised is left until the others are done. */
    @PostMapping("/later")
    JobView later(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Later asked) {
        return desk.add(id, unit, asked, job -> {
            if (!job.state().agreed(asked.station()))
                throw Allowed.broken("station", asked.station(), "a station that was agreed on");
            return new JobEvent.PutOff(asked.station());
        });
    }

    /** What is advised, or one step of it, shall not be done on this job. */
    @PostMapping("/declined")
    JobView declined(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Decline asked) {
        return desk.add(id, unit, asked, job -> {
            JobViewer viewer = desk.viewer(job, Units.MM);
            JobView.AdviceView advice = viewer.told();
            String topic = asked.topic();
            if (topic == null) {
                if (advice.decline() == null) throw new NotAllowedException("There is nothing here to leave out.");
                return new JobEvent.Answered(viewer.advice().topic(), false);
            }
            if (advice.steps().stream().noneMatch(s -> topic.equals(s.leave())))
                throw Allowed.broken("topic", topic, "a step of the next move that can be left out");
            return new JobEvent.Answered(topic, false);
        });
    }

    private static JobEvent done(JobState state, Advice advice) {
        return switch (advice) {
            case ReliefAdvice.TurnRod t ->
                new ReliefEvent.RodTurned(t.net(), t.path().size() > 1 && !t.stiffTry(), false);
            case Advice.Retune ignored -> new JobEvent.Retuned();
            case ReliefAdvice.Settle ignored -> new ReliefEvent.SettlingSkipped();
            case ActionAdvice.LevelVibrato v -> new JobEvent.Answered(v.topic(), true);
            case Advice.Adjusting move -> move.event(state.spec());
            case ToneAdvice.SaddleWrongWay ignored ->
                new ToneEvent.LengthDirectionLearned(!Tones.of(state).clockwiseBack());
            case ToneAdvice.ReplaceString r -> new ToneEvent.StringRenewed(r.string());
            case PickupAdvice.TurnPickup p -> p.event();
            default -> throw new NotAllowedException("The next move is not one that can be ticked off.");
        };
    }

    @PostMapping("/filings")
    JobView filed(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Filings asked) {
        return desk.add(id, unit, asked, job -> {
            if (asked.slots().isEmpty()) throw Allowed.broken("slots", "none", "at least one slot with its strokes");
            for (NutEvent.Filing filing : asked.slots()) {
                string(job, filing.string());
                Allowed.whole("strokes", filing.strokes(), 1, 60);
            }
            return new NutEvent.SlotsFiled(asked.slots());
        });
    }

    @PostMapping("/nut-reworks")
    JobView nut(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.NutRework asked) {
        return desk.add(id, unit, asked, job -> {
            List<Integer> strings = asked.strings() == null ? job.state().strings(Station.NUT) : asked.strings();
            if (strings.isEmpty()) throw Allowed.broken("strings", "none", "at least one slot");
            strings.forEach(s -> string(job, s));
            if (asked.way() != NutEvent.NutReworked.Way.UNDERSIDE_SANDED)
                return new NutEvent.NutReworked(asked.way(), strings, 0, asked.material());
            if (asked.change() == null)
                throw Allowed.broken("change", "nothing", "how much came off the underside, with a minus");
            double change = change("change", asked.change(), Units.ofCode(unit).nut(), 1.5);
            if (change >= 0) throw Allowed.broken("change", asked.change(), "a minus: sanding the underside lowers");
            return new NutEvent.NutReworked(asked.way(), strings, change);
        });
    }

    @PostMapping("/screws")
    JobView screws(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Screws asked) {
        return desk.add(id, unit, asked, job -> {
            int screws = job.state().spec().supports().size();
            if (!job.state().spec().fittings().bridge().screwed())
                throw Allowed.broken("screws", "turns", "a bridge with height screws; this one has a fixed saddle");
            List<Turns> turned = turns(asked);
            Allowed.whole("screws", turned.size(), screws, screws);
            for (Turns t : turned) Allowed.whole("turn (sixteenths)", t.sixteenths(), -MOST_TURNS, MOST_TURNS);
            if (turned.stream().allMatch(Turns::isZero))
                throw Allowed.broken("screws", "no turn at all", "1/16 turn or more of at least one screw");
            return new ActionEvent.BridgeScrewed(turned);
        });
    }

    private static List<Turns> turns(JobRequests.Screws asked) {
        if (asked.turns() != null)
            return asked.turns().stream()
                    .map(t -> t.isBlank() ? Turns.NONE : Turns.parse("turn", t, Turns.MOST_AT_ONCE))
                    .toList();
        if (asked.sixteenths() == null) throw Allowed.broken("screws", "nothing", "the turns of every screw");
        return asked.sixteenths().stream().map(Turns::new).toList();
    }

    @PostMapping("/saddle-reworks")
    JobView saddle(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.SaddleRework asked) {
        return desk.add(id, unit, asked, job -> {
            if (asked.way() != ActionEvent.SaddleReworked.Way.SANDED)
                return new ActionEvent.SaddleReworked(asked.way(), 0, 0);
            LengthUnit shown = Units.ofCode(unit).action();
            double bass = change("bass", asked.bass() == null ? "0" : asked.bass(), shown, 6);
            double treble = change("treble", asked.treble() == null ? "0" : asked.treble(), shown, 6);
            if (bass == 0 && treble == 0) throw Allowed.broken("saddle", "no change", "a change on one side at least");
            if (bass > 0 || treble > 0)
                throw Allowed.broken(
                        "saddle", asked.bass() + " and " + asked.treble(), "minus on both sides: sanding lowers");
            return new ActionEvent.SaddleReworked(asked.way(), bass, treble);
        });
    }

    @PostMapping("/neck-shims")
    JobView shim(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.NeckShimming asked) {
        return desk.add(id, unit, asked, job -> {
            StringLine line = job.state().spec().line();
            double edge = line.scale().crown(job.state().spec().bodyJointFret());
            double thickness = Allowed.number(
                    "thickness", mm(asked.thickness(), Units.ofCode(unit).action()), 0.05, 3, "mm");
            return new ActionEvent.NeckShimmed(asked.end(), thickness, edge, edge + ActionAdvice.ShimNeck.POCKET);
        });
    }

    @PostMapping("/slot-checks")
    JobView slot(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.SlotCheck asked) {
        return desk.add(id, unit, asked, job -> {
            string(job, asked.string());
            return new NutEvent.SlotChecked(asked.string(), asked.flaws());
        });
    }

    @PostMapping("/gauge-patterns")
    JobView pattern(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.GaugePattern asked) {
        return desk.add(id, unit, asked, job -> {
            int strings = job.state().spec().strings();
            for (int s : asked.ringing()) Allowed.whole("string", s, 2, strings - 1);
            return new ActionEvent.GaugePatternRead(
                    Allowed.number(
                            "radius", mm(asked.radius(), Units.ofCode(unit).radius()), 80, 3000, "mm"),
                    List.copyOf(new HashSet<>(asked.ringing())));
        });
    }

    @PostMapping("/travel")
    JobView travel(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Travel asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.TravelRead(
                        Allowed.number(
                                "down", mm(asked.down(), Units.ofCode(unit).action()), 0, 20, "mm"),
                        Allowed.number("up", mm(asked.up(), Units.ofCode(unit).action()), 0, 20, "mm")));
    }

    @PostMapping("/saddle-proud")
    JobView proud(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.SaddleProud asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.SaddleProudRead(Allowed.number(
                        "proud", mm(asked.proud(), Units.ofCode(unit).action()), 0, 20, "mm")));
    }

    @PostMapping("/neck-angle")
    JobView angle(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.NeckAngle asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.NeckAngleRead(change(
                        "above the bridge", asked.above(), Units.ofCode(unit).action(), 30)));
    }

    @PostMapping("/height-habit")
    JobView habit(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.HeightReading asked) {
        return desk.add(id, unit, asked, job -> {
            GapMethod method = switch (asked.station()) {
                case NUT -> asked.pressed() == 0 ? new GapMethod.NutOpen() : new GapMethod.NutPressed(asked.pressed());
                case ACTION ->
                    asked.pressed() == 0 ? new GapMethod.Action(asked.fret()) : new GapMethod.ActionCapo(asked.fret());
                default -> throw ownRoute(asked.station());
            };
            // refuses a fret that this neck does not have
            Allowed.whole("fret", method.gaugeFret(), 1, job.state().spec().frets());
            job.state().spec().line().form(method);
            return new JobEvent.HeightHabitSet(new HeightHabit(
                    method, Tool.ofCode(asked.tool()), asked.flat() ? Position.FLAT : Position.PLAYING));
        });
    }

    @PostMapping("/height-target")
    JobView target(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.HeightTarget asked) {
        return desk.add(id, unit, asked, job -> switch (asked.station()) {
            case NUT -> nutTarget(job, asked, Units.ofCode(unit).nut());
            case ACTION -> actionTarget(job, asked, Units.ofCode(unit).action());
            default -> throw ownRoute(asked.station());
        });
    }

    private static RuntimeException ownRoute(Station station) {
        return Allowed.broken("station", station, "NUT or ACTION; the others have routes of their own");
    }

    private JobEvent nutTarget(JobLog.Opened job, JobRequests.HeightTarget asked, LengthUnit unit) {
        int strings = job.state().spec().strings();
        if (asked.school() != null)
            return new NutEvent.NutTargetSet(NutSchool.ofCode(desk.schools().nut(), asked.school())
                    .target(job.state().spec()));
        List<Band> bands = Boolean.TRUE.equals(asked.asMeasured())
                ? asMeasured(job.state(), Station.NUT)
                : bands(asked.bands(), strings, new ReadingBounds(0.01, 2, 0, 1), unit);
        return new NutEvent.NutTargetSet(new NutTarget(null, job.state().method(Station.NUT), bands));
    }

    private JobEvent actionTarget(JobLog.Opened job, JobRequests.HeightTarget asked, LengthUnit unit) {
        JobState state = job.state();
        if (asked.school() != null)
            return new ActionEvent.ActionTargetSet(
                    ActionSchool.ofCode(desk.schools().action(), asked.school())
                            .target(
                                    state.spec(),
                                    job.job().touch(),
                                    asked.style() == null ? ActionSchool.Style.ANY : asked.style()));
        List<Band> bands = Boolean.TRUE.equals(asked.asMeasured())
                ? asMeasured(state, Station.ACTION)
                : bands(asked.bands(), state.spec().strings(), new ReadingBounds(0.2, 10, 0.5, 6), unit);
        return new ActionEvent.ActionTargetSet(new ActionTarget(null, state.method(Station.ACTION), bands));
    }

    /** Bands as wide as those in use around what stands there now. */
    private static List<Band> asMeasured(JobState state, Station station) {
        List<Band> bands = new ArrayList<>();
        for (int s = 1; s <= state.spec().strings(); s++) {
            HeightVerdict judged = HeightVerdict.of(state, station, s);
            if (!judged.known())
                throw Allowed.broken(
                        "target", "string " + s + " not read", "every string read, for what stands there to be wanted");
            double now = judged.value().mean();
            double half = judged.band().width() / 2;
            // a nut that touches the frets is nobody's wish
            double low = Math.max(station == Station.NUT ? 0.01 : 0.2, now - half);
            bands.add(new Band(low, Math.max(now + half, low + 0.02)));
        }
        return bands;
    }

    private static List<Band> bands(
            @Nullable List<JobRequests.TypedBand> typed, int strings, ReadingBounds bounds, LengthUnit unit) {
        if (typed == null) throw Allowed.broken("target", "nothing", "a school, or a band for every string");
        Allowed.whole("bands", typed.size(), strings, strings);
        List<Band> bands = new ArrayList<>();
        for (JobRequests.TypedBand band : typed)
            bands.add(WantedBand.of(
                    Length.parse(band.low(), unit).mm(),
                    Length.parse(band.high(), unit).mm(),
                    bounds,
                    unit));
        return bands;
    }

    @PostMapping("/order")
    JobView order(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Order asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.OrderSet(asked.order()));
    }

    @PostMapping("/scope")
    JobView scope(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Scope asked) {
        return desk.add(id, unit, asked, job -> {
            if (asked.stations().isEmpty())
                throw Allowed.broken("scope", "nothing", "at least one of relief, nut and action");
            return new JobEvent.ScopeSet(
                    asked.stations().stream().distinct().sorted().toList());
        });
    }

    /**
     * What to keep for later jobs.
     *
     * @param what relief, nut, action or order
     * @param scope whose wish it is
     */
    record Keep(String what, Settings.Scope scope) {}

    /** Keeps what this job wants for its instrument, its player or the shop. */
    @PutMapping("/wishes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@PathVariable long id, @RequestBody Keep asked) {
        JobLog.Opened job = desk.open(id);
        String owner = switch (asked.scope()) {
            case SHOP -> "";
            case PLAYER -> job.job().player();
            case INSTRUMENT -> job.job().instrument();
        };
        choices.keep(asked.scope(), owner, asked.what(), job);
    }

    private static void string(JobLog.Opened job, int string) {
        Allowed.whole("string", string, 1, job.state().spec().strings());
    }

    private static double mm(String text, LengthUnit unit) {
        return text.strip().equals("0") ? 0 : Length.parse(text, unit).mm();
    }

    /** A signed length. */
    private static double change(String field, String text, LengthUnit unit, double most) {
        String clean = text.strip().replace('−', '-');
        boolean minus = clean.startsWith("-");
        String bare = minus || clean.startsWith("+") ? clean.substring(1).strip() : clean;
        double mm = mm(bare, unit);
        return Allowed.number(field, minus ? -mm : mm, -most, most, "mm");
    }
}
