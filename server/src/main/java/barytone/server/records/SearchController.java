package barytone.server.records;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finding again who and what was here. */
@RestController
@RequestMapping(path = "/api/search", produces = MediaType.APPLICATION_JSON_VALUE)
class SearchController {
    private final Search search;

    SearchController(Search search) {
        this.search = search;
    }

    /**
     * Players, instruments, tickets and tunings in which the words occur, the best fit first: parts of words are enough, accents do not matter, a slip of the
     * fingers is forgiven.
     *
     * @param words parted by blanks; all must fit; empty for all, those that were here last first
     * @param what which of them
     * @param from how many better ones to leave out
     * @param archived whether to look through those that were taken out of the lists as well
     */
    @GetMapping
    Search.Found find(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "all") Search.What what,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "false") boolean archived) {
        return search.find(words, what, from, archived);
    }
}
