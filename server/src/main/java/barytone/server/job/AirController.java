package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.quantity.PlainNumber;
import barytone.server.web.RequestKey;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The air that an instrument stands in, when it comes and when it leaves. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/air", produces = MediaType.APPLICATION_JSON_VALUE)
class AirController {
    private final JobDesk desk;

    AirController(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * The air as it was read.
     *
     * @param humidity relative, as it is typed: 34 or 34 %
     * @param temperature degrees Celsius, as it is typed; null or empty when it was not read
     */
    record AirTyped(
            long after,
            @RequestKey String key,
            JobEvent.AirRead.Place place,
            String humidity,
            @Nullable String temperature)
            implements Addition {}

    /** Records the humidity of the room, or of the case or body. */
    @PostMapping
    JobView readAir(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody AirTyped asked) {
        double humidity =
                PlainNumber.parse("humidity", without(asked.humidity(), "RH", "%"), "% relative humidity, such as 45");
        Double temperature = asked.temperature() == null || asked.temperature().isBlank()
                ? null
                : PlainNumber.parse(
                        "temperature", without(asked.temperature(), "°C", "C"), "degrees Celsius, such as 21");
        return desk.add(id, unit, asked, job -> new JobEvent.AirRead(asked.place(), humidity, temperature));
    }

    private static String without(String typed, String... units) {
        String bare = typed.strip();
        for (String unit : units)
            if (bare.endsWith(unit))
                bare = bare.substring(0, bare.length() - unit.length()).strip();
        return bare;
    }
}
