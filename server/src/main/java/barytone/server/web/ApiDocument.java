package barytone.server.web;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The description of the API, as committed; a test holds it against the running application. */
@RestController
class ApiDocument {
    @GetMapping(path = "/v3/api-docs", produces = MediaType.APPLICATION_JSON_VALUE)
    Resource document() {
        return new ClassPathResource("openapi.json");
    }
}
