package barytone.server.day;

import barytone.core.hours.Promise;
import barytone.core.wait.WaitReason;
import barytone.server.job.Days;
import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import barytone.server.job.WaitWords;
import barytone.server.records.FollowUps;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.text.ICalWriter;
import biweekly.util.Duration;
import java.io.IOException;
import java.io.StringWriter;
import java.time.Clock;
import java.time.Instant;
import java.util.Date;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calendar of the bench for other programs: promises, waits, and what is to be looked at again. Each event has a name that stays, so that it is moved, not doubled. */
@RestController
class CalendarController {
    private static final String TYPE = "text/calendar;charset=UTF-8";

    private final OnTheBench bench;
    private final Hours hours;
    private final FollowUps followUps;
    private final Clock clock;

    CalendarController(OnTheBench bench, Hours hours, FollowUps followUps, Clock clock) {
        this.bench = bench;
        this.hours = hours;
        this.followUps = followUps;
        this.clock = clock;
    }

    /** The calendar as a feed to subscribe to, or a file to open. */
    @GetMapping(path = "/api/calendar.ics", produces = TYPE)
    ResponseEntity<String> calendar() throws IOException {
        Instant now = clock.instant();
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Barytone//The day at the bench//EN");
        calendar.setName("Bench");
        for (OpenedJob job : bench.open()) {
            job.promise().ifPresent(promise -> calendar.addEvent(promised(job, promise, now)));
            for (WaitWords.WaitView wait : WaitWords.views(job.state().waiting(), now))
                if (wait.until() != null && wait.reason() != WaitReason.SETTLING && !wait.over())
                    calendar.addEvent(waits(job, wait, now));
        }
        for (FollowUps.Again again : followUps.set()) {
            VEvent event = event("again-" + again.job(), "Look again: " + again.name(), again.why(), now);
            event.setDateStart(Date.from(again.on().atStartOfDay(Days.zone()).toInstant()), false);
            calendar.addEvent(event);
        }
        StringWriter text = new StringWriter();
        try (ICalWriter writer = new ICalWriter(text, ICalVersion.V2_0)) {
            // moments are told in UTC, and whole days as days of the shop
            writer.write(calendar);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, TYPE)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"bench.ics\"")
                .cacheControl(CacheControl.noCache())
                .body(text.toString());
    }

    private VEvent promised(OpenedJob job, Promise promise, Instant now) {
        Instant due = promise.due(hours.now().hours(), Days.zone());
        VEvent event = event(
                "promise-" + job.job().id(),
                "Promised: " + job.job().instrument(),
                job.job().player() + ". " + ticket(job),
                now);
        event.setDateStart(Date.from(due));
        event.setDuration(Duration.builder().minutes(15).build());
        return event;
    }

    private static VEvent waits(OpenedJob job, WaitWords.WaitView wait, Instant now) {
        VEvent event = event(
                "wait-" + job.job().id() + "-" + wait.begun() + "-"
                        + wait.reason().name().toLowerCase(Locale.ROOT),
                wait.label() + ": " + job.job().instrument(),
                wait.note(),
                now);
        event.setDateStart(Date.from(wait.until()));
        event.setDuration(Duration.builder().minutes(15).build());
        return event;
    }

    private static String ticket(OpenedJob job) {
        return String.format(Locale.ROOT, "Ticket %04d", job.job().ticket());
    }

    private static VEvent event(String name, String summary, @Nullable String description, Instant now) {
        VEvent event = new VEvent();
        event.setUid(name + "@barytone");
        event.setDateTimeStamp(Date.from(now));
        event.setSummary(summary);
        if (description != null && !description.isEmpty()) event.setDescription(description);
        return event;
    }
}
