package barytone.server.height;

public record ToolChoice(String code, String label, String precision) {}
