package olla.server.web;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables as files (published: RFC 4180). */
public final class Csv {

    /* What a spreadsheet begins a formula with (published: OWASP, CSV Injection). */
    private static final String FORMULA = "=+-@";

    private Csv() {}

    /** A table with its heading. Numbers are numbers, and no text in it is a formula. */
    public static String of(List<String> heading, Stream<List<Object>> rows) {
        StringWriter csv = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            printer.printRecord(heading);
            for (List<Object> row : (Iterable<List<Object>>) rows::iterator) {
                printer.printRecord(row.stream()
                        .map(cell -> cell instanceof String text ? harmless(text) : cell)
                        .toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return csv.toString();
    }

    /**
     * A text that no sheet takes for a formula: with a quote before it where one might. What nobody sees before it, and the wide forms of
     * its signs, do not hide one.
     */
    public static String harmless(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC)
                        .codePoints()
                        .filter(c -> !unseen(c))
                        .limit(1)
                        .anyMatch(c -> FORMULA.indexOf(c) >= 0)
                ? "'" + text
                : text;
    }

    private static boolean unseen(int codePoint) {
        return Character.isWhitespace(codePoint)
                || Character.isSpaceChar(codePoint)
                || Character.isISOControl(codePoint)
                || Character.getType(codePoint) == Character.FORMAT;
    }
}
