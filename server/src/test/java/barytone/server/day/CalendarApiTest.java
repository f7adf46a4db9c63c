package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The calendar that leaves, and the closed days that come in. */
class CalendarApiTest extends DayOverHttp {
    private static VEvent event(ICalendar calendar, String summary) {
        return calendar.getEvents().stream()
                .filter(e -> e.getSummary().getValue().equals(summary))
                .findFirst()
                .orElseThrow();
    }

    private Answer closedDays(String events) {
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Saltholm//Holidays//EN\r\n"
                + events.replace("\n", "\r\n") + "END:VCALENDAR\r\n";
        return app.postFile("/api/shop/hours/closed-days", "text/calendar", file.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void theCalendarIsReadBackByAParser() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-06\",\"part\":\"EVENING\""));
        waits(job, "GLUE", "2031-02-04 10:00");
        long again = takeIn("Petrel");
        ok(post(again, "follow-up", ",\"day\":\"2031-03-30\",\"why\":\"a card under the nut; it will fail\""));
        Answer answer = app.get("/api/calendar.ics");
        assertThat(answer.type()).startsWith("text/calendar");
        ICalendar calendar = Biweekly.parse(answer.text()).first();
        assertThat(calendar.validate(ICalVersion.V2_0)).isEmpty();
        assertThat(calendar.getEvents())
                .extracting(e -> e.getSummary().getValue())
                .containsExactlyInAnyOrder("Promised: Fulmar", "Glue curing: Fulmar", "Look again: Petrel");
        VEvent glue = event(calendar, "Glue curing: Fulmar");
        assertThat(glue.getDateStart().getValue().toInstant())
                .isEqualTo(LocalDate.of(2031, 2, 4)
                        .atTime(10, 0)
                        .atZone(ZoneId.systemDefault())
                        .toInstant());
        VEvent look = event(calendar, "Look again: Petrel");
        assertThat(look.getDateStart().getValue().hasTime()).isFalse();
        assertThat(look.getDateStart().getValue().getRawComponents().getDate()).isEqualTo(30);
        // asked again, it is the same event, not another
        assertThat(event(Biweekly.parse(app.get("/api/calendar.ics").text()).first(), "Promised: Fulmar")
                        .getUid()
                        .getValue())
                .isEqualTo("promise-" + job + "@barytone");
    }

    @Test
    void closedDaysComeFromACalendarFile() {
        JsonNode taken = ok(closedDays("""
                BEGIN:VEVENT
                UID:1@saltholm
                SUMMARY:Ferry in dock
                DTSTART;VALUE=DATE:20310310
                DTEND;VALUE=DATE:20310313
                END:VEVENT
                BEGIN:VEVENT
                UID:2@saltholm
                SUMMARY:Island day
                DTSTART;VALUE=DATE:20300601
                RRULE:FREQ=YEARLY
                END:VEVENT
                BEGIN:VEVENT
                UID:3@saltholm
                SUMMARY:Rehearsal
                DTSTART:20310305T180000Z
                DTEND:20310305T200000Z
                END:VEVENT
                BEGIN:VEVENT
                UID:4@saltholm
                SUMMARY:Last year
                DTSTART;VALUE=DATE:20300101
                END:VEVENT
                """));
        assertThat(taken.get("added").asInt()).isEqualTo(5);
        assertThat(each(taken.at("/hours/closed")).map(d -> d.get("day").asString()))
                .containsExactly("2031-03-10", "2031-03-11", "2031-03-12", "2031-06-01", "2032-06-01");
        assertThat(each(taken.get("refused")).map(JsonNode::asString))
                .containsExactly("“Rehearsal”: it is shorter than a day", "“Last year”: it has passed");
        // once more is no more
        assertThat(ok(closedDays("BEGIN:VEVENT\nUID:9\nDTSTART;VALUE=DATE:20310310\nEND:VEVENT\n"))
                        .get("added")
                        .asInt())
                .isZero();
        Answer none = app.postFile(
                "/api/shop/hours/closed-days", "text/calendar", "no calendar".getBytes(StandardCharsets.UTF_8));
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.json().get("detail").asString()).startsWith("No calendar in this file");
    }
}
