package oilcloth.check;

import java.util.ArrayList;
import java.util.List;
import oilcloth.check.acid.AcidMissing;
import oilcloth.check.acid.AcidScreen;
import oilcloth.check.acid.AcidShort;
import oilcloth.check.acid.BrineWeak;
import oilcloth.check.acid.FreshCitrus;
import oilcloth.check.acid.VinegarRatio;
import oilcloth.check.acid.VinegarStrength;
import oilcloth.check.headspace.Bubbles;
import oilcloth.check.headspace.HeadspaceLarge;
import oilcloth.check.headspace.HeadspaceMissing;
import oilcloth.check.headspace.HeadspacePartial;
import oilcloth.check.headspace.HeadspaceSmall;
import oilcloth.check.headspace.RawPack;
import oilcloth.check.ingredient.Added;
import oilcloth.check.ingredient.DairyEggStarch;
import oilcloth.check.ingredient.Fat;
import oilcloth.check.ingredient.LowAcidRaised;
import oilcloth.check.ingredient.SaltCut;
import oilcloth.check.ingredient.Thickener;
import oilcloth.check.method.LowAcidBoiling;
import oilcloth.check.method.NoProcess;
import oilcloth.check.method.OpenKettle;
import oilcloth.check.method.SteamLimit;
import oilcloth.check.method.Switched;
import oilcloth.check.practice.PracticeCheck;
import oilcloth.check.time.AltitudeRule;
import oilcloth.check.time.AltitudeUnknown;
import oilcloth.check.time.BandEdge;
import oilcloth.check.time.JarUntested;
import oilcloth.check.time.OffTable;
import oilcloth.check.time.PressureDrop;
import oilcloth.check.time.PressureLow;
import oilcloth.check.time.Sterilise;
import oilcloth.check.time.TimeLong;
import oilcloth.check.time.TimeMissing;
import oilcloth.check.time.TimeShort;
import oilcloth.guide.GuideSnapshot;

/** Every check, sorted by code; the acid screen looks last at what the other acid checks left open. */
public final class Registry {
    private static final List<Check> WRITTEN = List.of(
            new AcidMissing(),
            new AcidShort(),
            new BrineWeak(),
            new FreshCitrus(),
            new VinegarRatio(),
            new VinegarStrength(),
            new AcidScreen(),
            new Bubbles(),
            new HeadspaceLarge(),
            new HeadspaceMissing(),
            new HeadspacePartial(),
            new HeadspaceSmall(),
            new Added(),
            new DairyEggStarch(),
            new Fat(),
            new LowAcidRaised(),
            new SaltCut(),
            new Thickener(),
            new LowAcidBoiling(),
            new NoProcess(),
            new OpenKettle(),
            new SteamLimit(),
            new Switched(),
            new RawPack(),
            new AltitudeRule(),
            new AltitudeUnknown(),
            new BandEdge(),
            new JarUntested(),
            new TimeLong(),
            new TimeMissing(),
            new OffTable(),
            new PressureLow(),
            new PressureDrop(),
            new TimeShort(),
            new Sterilise());

    private Registry() {}

    /** The written checks and one for each practice of the guide. */
    public static List<Check> checks(GuideSnapshot guide) {
        List<Check> all = new ArrayList<>(WRITTEN);
        guide.practices().stream().map(PracticeCheck::new).forEach(all::add);
        return List.copyOf(all);
    }
}
