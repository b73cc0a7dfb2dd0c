@php($f = $frame->document->fields())
@panel('stations.brief.say')
@panel('stations.brief.day')
<h2>The build</h2>
<div class="says"><x-blank
        id="build"
        field="title"
        label="Build"
        size="24"
        :value="$frame->document->title()"
    />
    <x-choose
        id="build"
        field="place"
        label="on a"
        :value="$f->text('place')"
        :options="App\View\Shelf::places()"
    />
</div>
<h2>What feeds it</h2>
@foreach ($frame->analysis->build->supplies as $supply)
    <div
        class="says"
        data-part="{{ $supply->id }}"
    >
        <x-blank
            :id="$supply->id"
            field="label"
            label="Supply"
            size="18"
            :value="$supply->label"
        />
        @foreach ($page->volts($supply) as $field => [$label, $value])
            <x-blank
                :id="$supply->id"
                :field="$field"
                :label="$label"
                size="7"
                :value="$value"
            />
        @endforeach
        @if ($supply->isDriver())
            <x-blank
                :id="$supply->id"
                field="rated_w"
                label="rated"
                size="7"
                :value="$supply->ratedW === null ? '' : BenchGlow\Quantity\Shown::watts($supply->ratedW)"
        />@else<x-blank
                :id="$supply->id"
                field="capacity_ah"
                label="holds"
                size="7"
                :value="$supply->capacityAh === null
                    ? ''
                    : BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::AmpHours, $supply->capacityAh)"
            />
        @endif
        <x-act
            :edit="new BenchGlow\Edit\RemoveItem($supply->id)"
            class="is-small"
        >Remove {{ $supply->label }}</x-act>
    </div>
    @if ($supply->isDriver())
        <p class="caution">Driver: take a certified limited-power one (SELV). Its mains side is work for a licensed
            electrician, by the local code. Load it to 80 % at most.</p>
    @elseif(str_starts_with($supply->kind, 'lead') || str_starts_with($supply->kind, 'lifepo4'))
        <p class="caution">Battery: negative terminal off before you tap it, rings and tools off, the fuse goes in last.
            It gives hundreds of amps into a short.</p>
    @endif
    @if ($supply->kind === 'no_battery_12v')
        <p class="caution">Without a battery the volts ripple; let a rectifier with a capacitor smooth them, or expect
            flicker.</p>
    @endif
@endforeach
<x-add-supply />
<h2>Who asked, and what they ruled out</h2>
<x-form
    op="set"
    echo="note-echo"
    on-change
    :with="['id' => 'build', 'field' => 'brief.note']"
    class="blank wide-blank"
>
    <label for="brief-note">Note</label>
    <textarea
        class="typed"
        id="brief-note"
        name="text"
        rows="4"
        aria-describedby="note-echo"
    >{{ $f->object('brief')->text('note') }}</textarea><span
        class="echo"
        id="note-echo"
    ></span><noscript><button class="button is-small">Keep the note</button></noscript>
</x-form>
<h2>Facts the other stations obey</h2>
<ul class="facts">
    @foreach ($page->facts() as $id => $fact)
        <li><b>{{ $fact['kind'] }}</b> {{ $fact['says'] }} <x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
            >Remove this fact</x-act></li>
    @endforeach
</ul>
<x-form
    op="add_fact"
    echo="fact-echo"
    render="all"
    class="says"
>
    <x-select
        id="fact-kind"
        label="Fact"
        name="kind"
        :options="App\View\Shelf::FACTS"
    />
    <x-field
        id="fact-where"
        label="where"
        name="where"
        size="20"
    /><x-field
        id="fact-value"
        label="what"
        name="value"
        size="20"
    />
    <button class="button is-primary">Add the fact</button><span
        class="echo"
        id="fact-echo"
    ></span></x-form>
<h2>Targets</h2>
<div class="says">
    <x-blank
        id="build"
        field="settings.currency"
        label="Prices in"
        size="5"
        :value="$frame->analysis->build->settings->currency"
    />
    <x-blank
        id="build"
        field="settings.uniformity_target"
        label="Dimmest lamp at least"
        size="6"
        :value="BenchGlow\Quantity\Shown::percent($frame->analysis->build->settings->uniformityTarget)"
    />
    <x-blank
        id="build"
        field="settings.drop_target"
        label="Lost on the way at most"
        size="6"
        :value="BenchGlow\Quantity\Shown::plain(100 * $frame->analysis->build->settings->dropTarget, 1) . ' %'"
    />
    <x-blank
        id="build"
        field="settings.fuse_distance_m"
        label="Fuse within"
        size="7"
        :value="BenchGlow\Quantity\Shown::forField(
            BenchGlow\Quantity\Unit::Length,
            $frame->analysis->build->settings->fuseDistanceM,
            $frame->preference->units,
        )"
    />
</div>
@if (in_array($f->text('place'), ['road_vehicle', 'cycle'], true))
    <p class="caution">On the road, colour, position, flashing and brightness are regulated nearly everywhere, and brake
        and turn lamps must stay as approved. Check the rules where it will be used.</p>
@endif
@if ($f->text('place') === 'boat')
    <p class="caution">On the water nothing may imitate or mask a navigation light.</p>
@endif
@can('reach', 'take-down')
    <form
        method="post"
        action="{{ route('take-down', $frame->build, false) }}"
    >@csrf<button class="button">Take this build off the wall</button></form>
@endcan
