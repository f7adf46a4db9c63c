import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Uses a running Barytone as a busy shop with bad habits does, and watches its memory. Arguments: address, process, minutes. Twelve windows ask for news, jobs are
 * opened, read, undone and closed, lists are searched, requests are cut off, too long or nonsense.
 */
public final class Hour {
    private static final Pattern SEQ = Pattern.compile("\"seq\":(\\d+),\"now\"");
    private static final Pattern ID = Pattern.compile("\"id\":(\\d+)");
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final Random RANDOM = new Random(12);
    private static final TreeMap<Integer, Integer> ANSWERS = new TreeMap<>();

    private static String base;
    private static int port;

    public static void main(String[] args) throws Exception {
        base = args[0];
        port = URI.create(base).getPort();
        long pid = Long.parseLong(args[1]);
        int minutes = Integer.parseInt(args[2]);
        List<Long> heap = new ArrayList<>();
        List<Long> resident = new ArrayList<>();
        long entries = 0;
        long start = System.nanoTime();
        for (int minute = 0; minute < minutes; minute++) {
            while (System.nanoTime() - start < (minute + 1) * 60e9) {
                entries += day();
            }
            heap.add(heap(pid));
            resident.add(resident(pid));
            System.out.printf("minute %2d: heap in use %d KB, resident %d MB, %d entries so far%n", minute + 1, heap.getLast(), resident.getLast(), entries);
        }
        System.out.println("answers by status: " + ANSWERS);
        int third = Math.max(1, minutes / 3);
        System.out.printf("heap in use, mean of the second and of the last third: %.0f and %.0f KB; resident at the end of the first third %d, at the end %d MB%n",
                mean(heap, third, 2 * third), mean(heap, 2 * third, minutes), resident.get(third - 1), resident.getLast());
    }

    private static double mean(List<Long> of, int from, int to) {
        return of.subList(Math.min(from, of.size() - 1), Math.max(to, from + 1)).stream().mapToLong(Long::longValue).average().orElse(0);
    }

    /** One job from intake to hand-over, with everything that goes on around it. Returns how many entries were made. */
    private static int day() throws Exception {
        String kind = new String[] {"ELECTRIC", "BASS_4", "FLAT_TOP", "MANDOLIN"}[RANDOM.nextInt(4)];
        String tuning = switch (kind) {
            case "BASS_4" -> "E A D G";
            case "MANDOLIN" -> "G G D D A A E E";
            default -> "E A D G B E";
        };
        String created = send("POST", "/api/jobs", """
                {"requestKey":"%s","player":"Deck crew","touch":"MEDIUM","complaint":"buzz","instrument":{"name":"Loan of the hour","kind":"%s",
                 "tuning":"%s","scaleLength":"%s","frets":20,"bodyJointFret":14,"boardRadius":"305","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false}}
                """.formatted(UUID.randomUUID(), kind, tuning, kind.equals("MANDOLIN") ? "350" : "648"));
        Matcher id = ID.matcher(created);
        if (!id.find()) return 0;
        String job = "/api/jobs/" + id.group(1);
        String view = send("GET", job, null);
        int made = 0;
        for (int i = 0; i < 30; i++) {
            String what = switch (RANDOM.nextInt(6)) {
                case 0 -> job + "/notes\n,\"text\":\"noted " + i + "\"";
                case 1 -> job + "/followed\n";
                case 2 -> job + "/undo\n";
                case 3 -> job + "/retunes\n";
                default -> job + "/readings\n,\"station\":\"" + new String[] {"RELIEF", "NUT", "ACTION"}[RANDOM.nextInt(3)] + "\",\"string\":"
                        + (1 + RANDOM.nextInt(4)) + ",\"text\":\"" + new String[] {"0.2", "0.31", "0", "1.9", "2.4", "nonsense", "900"}[RANDOM.nextInt(7)] + "\",\"sure\":true";
            };
            Matcher seq = SEQ.matcher(view);
            if (!seq.find()) break;
            String[] parts = what.split("\n", 2);
            String answer = send("POST", parts[0], "{\"after\":" + seq.group(1) + ",\"key\":\"" + UUID.randomUUID() + "\"" + parts[1] + "}");
            if (SEQ.matcher(answer).find()) {
                view = answer;
                made++;
            }
            // twelve windows and a tablet
            for (int w = 0; w < 13; w++) send("GET", job + "/seq", null);
            if (i % 10 == 0) {
                for (String path : new String[] {"/", "/api/bench", "/api/bench/closed?words=deck&from=" + RANDOM.nextInt(50), "/api/shop/tools?unit=thou", "/api/shop/schools",
                    "/api/kinds", "/api/jobs/" + (1 + RANDOM.nextInt(12)) + "?unit=in64", "/api/jobs/999999", "/%ff%00", "/v3/api-docs"}) send("GET", path, null);
                send("POST", job + "/notes", "{\"after\":");
                send("POST", job + "/notes", "{\"text\":\"" + "x".repeat(400_000) + "\"}");
                cutOff(job);
            }
        }
        Matcher seq = SEQ.matcher(view);
        if (seq.find()) send("POST", job + "/close", "{\"after\":" + seq.group(1) + ",\"key\":\"" + UUID.randomUUID() + "\"}");
        return made;
    }

    /** Connections that end in the middle of a request. */
    private static void cutOff(String job) {
        for (int i = 0; i < 10; i++) {
            try (Socket socket = new Socket("127.0.0.1", port)) {
                socket.getOutputStream().write(("POST " + job + "/notes HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{\"af")
                        .getBytes(StandardCharsets.US_ASCII));
            } catch (IOException refused) {
                ANSWERS.merge(-1, 1, Integer::sum);
            }
        }
    }

    private static String send(String method, String path, String body) throws InterruptedException {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path)).header("Content-Type", "application/json");
            HttpResponse<String> answer = HTTP.send(
                    request.method(method, body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body)).build(),
                    HttpResponse.BodyHandlers.ofString());
            ANSWERS.merge(answer.statusCode(), 1, Integer::sum);
            if (answer.statusCode() >= 500) System.out.println(method + " " + path + ": " + answer.body());
            return answer.body();
        } catch (IOException e) {
            ANSWERS.merge(-1, 1, Integer::sum);
            return "";
        }
    }

    /** What is in use after a collection, KB. */
    private static long heap(long pid) throws Exception {
        String jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        new ProcessBuilder(jcmd, String.valueOf(pid), "GC.run").start().waitFor();
        Process info = new ProcessBuilder(jcmd, String.valueOf(pid), "GC.heap_info").start();
        String told = new String(info.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Matcher used = Pattern.compile("(?:DefNew|Tenured|def new|tenured)[^\\n]*used (\\d+)K").matcher(told);
        long sum = 0;
        while (used.find()) sum += Long.parseLong(used.group(1));
        return sum;
    }

    private static long resident(long pid) throws IOException {
        for (String line : Files.readAllLines(Path.of("/proc/" + pid + "/status")))
            if (line.startsWith("VmRSS:")) return Long.parseLong(line.replaceAll("\\D", "")) / 1024;
        return 0;
    }
}
