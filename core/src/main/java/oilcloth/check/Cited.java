package oilcloth.check;

import oilcloth.guide.Confidence;
import oilcloth.guide.Proof;
import oilcloth.guide.Source;

/** A source, and how far the row it gave has been read against print. */
public record Cited(Source source, Confidence confidence, Proof proof) {}
