package oilcloth.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oilcloth.check.acid.AcidMissing;
import oilcloth.check.acid.AcidScreen;
import oilcloth.check.acid.AcidShort;
import oilcloth.check.acid.BrineWeak;
import oilcloth.check.acid.Bulk;
import oilcloth.check.acid.FreshCitrus;
import oilcloth.check.acid.LowAcidJelly;
import oilcloth.check.acid.Swapped;
import oilcloth.check.acid.UntestedProduce;
import oilcloth.check.acid.VinegarRatio;
import oilcloth.check.acid.VinegarStrength;
import oilcloth.check.headspace.Bubbles;
import oilcloth.check.headspace.HeadspaceLarge;
import oilcloth.check.headspace.HeadspaceMissing;
import oilcloth.check.headspace.HeadspacePartial;
import oilcloth.check.headspace.HeadspaceSmall;
import oilcloth.check.headspace.PackDense;
import oilcloth.check.headspace.PackDry;
import oilcloth.check.headspace.PackLiquid;
import oilcloth.check.headspace.RawPack;
import oilcloth.check.ingredient.Added;
import oilcloth.check.ingredient.Alcohol;
import oilcloth.check.ingredient.Batch;
import oilcloth.check.ingredient.Counted;
import oilcloth.check.ingredient.DairyEggStarch;
import oilcloth.check.ingredient.Fat;
import oilcloth.check.ingredient.FreshHerbGarlic;
import oilcloth.check.ingredient.LowAcidRaised;
import oilcloth.check.ingredient.PectinUse;
import oilcloth.check.ingredient.SaltCut;
import oilcloth.check.ingredient.SaltKind;
import oilcloth.check.ingredient.Substitution;
import oilcloth.check.ingredient.SugarCut;
import oilcloth.check.ingredient.Sweetener;
import oilcloth.check.ingredient.Thickener;
import oilcloth.check.ingredient.Unmeasured;
import oilcloth.check.method.LowAcidBoiling;
import oilcloth.check.method.NoProcess;
import oilcloth.check.method.OpenKettle;
import oilcloth.check.method.Pasteurise;
import oilcloth.check.method.PretreatmentShort;
import oilcloth.check.method.SteamLimit;
import oilcloth.check.method.Switched;
import oilcloth.check.practice.PracticeCheck;
import oilcloth.check.source.Outdated;
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

/** Every check, sorted by code. */
public final class Registry {
    private static final List<Check> WRITTEN = List.of(
            new BrineWeak(),
            new Bulk(),
            new FreshCitrus(),
            new LowAcidJelly(),
            new AcidMissing(),
            new UntestedProduce(),
            new AcidScreen(),
            new AcidShort(),
            new Swapped(),
            new VinegarRatio(),
            new VinegarStrength(),
            new Bubbles(),
            new HeadspaceLarge(),
            new HeadspaceMissing(),
            new HeadspacePartial(),
            new HeadspaceSmall(),
            new Added(),
            new Alcohol(),
            new Batch(),
            new Counted(),
            new DairyEggStarch(),
            new Fat(),
            new FreshHerbGarlic(),
            new LowAcidRaised(),
            new PectinUse(),
            new SaltCut(),
            new SaltKind(),
            new Substitution(),
            new SugarCut(),
            new Sweetener(),
            new Thickener(),
            new Unmeasured(),
            new LowAcidBoiling(),
            new NoProcess(),
            new OpenKettle(),
            new Pasteurise(),
            new PretreatmentShort(),
            new SteamLimit(),
            new Switched(),
            new PackDense(),
            new PackDry(),
            new PackLiquid(),
            new RawPack(),
            new Outdated(),
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

    /** The written checks and one for each practice of the guide; those that weigh the others come last. */
    public static List<Check> checks(GuideSnapshot guide) {
        List<Check> all = new ArrayList<>(WRITTEN);
        guide.practices().stream().map(PracticeCheck::new).forEach(all::add);
        all.sort(Comparator.comparing(Check::looksLast)
                .thenComparing(c -> c.info().code()));
        return List.copyOf(all);
    }
}
