package oilcloth.recipe;

import oilcloth.measure.Headspace;

/** Headspace as stated: one figure, or the range a cue on the jar ("the neck ring") stands for. */
public record HeadspaceStated(Headspace least, Headspace most, boolean cue) {}
