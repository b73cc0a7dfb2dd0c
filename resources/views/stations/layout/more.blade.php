@php($laid = $page->laid)
@php($fields = $laid->fields)
@if ($laid->kind === 'piece')
    <details
        class="layout-more"
        id="marks"
        open
    >
        <summary>Marks ({{ count($page->piece()->marks) }})</summary>
        <ul class="mark-rows">
            @foreach ($page->piece()->marks as $n => $mark)
                <li @class(['here' => $frame->own('mark') === $mark->id])>
                    <b>{{ $n + 1 }} {{ App\Stations\Layout\Forms\AddMarkForm::KINDS[$mark->kind] }}</b>
                    @include('stations.layout.size', [
                        'box' => "mark-{$n}",
                        'field' => "marks.{$n}.at_m.0",
                        'heard' => 'Mark ' . ($n + 1) . ', from the datum',
                        'class' => 'mark-size',
                        'value' =>
                            $frame->preference->units === 'imperial'
                                ? $frame->length($mark->atM[0])
                                : $page->short($mark->atM[0]),
                    ]) from the
                    {{ ['left' => 'left edge', 'right' => 'right edge', 'centre' => 'centre', 'line' => 'line'][$page->piece()->datum] }},
                    {{ $mark->drillMm === null ? '' : 'drill ' . BenchGlow\Quantity\Shown::plain($mark->drillMm, 1) . ' mm,' }}
                    {{ $mark->accuracyWords() }}
                    @if ($mark->isBlind())
                        <x-act :edit="new BenchGlow\Edit\SetField($laid->id, 'marks.' . $n . '.looked', true)">I have looked behind</x-act>
                    @elseif ($mark->looked)
                        looked behind
                    @endif
                </li>
            @endforeach
        </ul>
        <x-form
            op="add_mark"
            echo="add-mark-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-select
                id="mark-kind"
                label="A mark more"
                name="kind"
                :options="App\Stations\Layout\Forms\AddMarkForm::KINDS"
            />
            <x-field
                id="mark-x"
                label="from the datum"
                name="x"
                size="8"
            />
            <x-field
                id="mark-y"
                label="from the top"
                name="y"
                size="8"
            />
            <x-field
                id="mark-drill"
                label="drill"
                name="drill"
                size="7"
            />
            <x-field
                id="mark-covered"
                label="covered by"
                name="covered"
                size="12"
            />
            <button class="button">Put it on</button><span
                class="echo"
                id="add-mark-echo"
            ></span></x-form>
        <div class="says">
            <x-choose
                :id="$laid->id"
                field="material"
                label="it is"
                :value="$fields->text('material', 'plastic')"
                :options="[
                    'metal' => 'metal',
                    'plastic' => 'plastic',
                    'wood' => 'wood',
                    'glass' => 'glass',
                    'composite' => 'composite',
                    'fabric' => 'fabric',
                    'rubber' => 'rubber',
                ]"
                whole
            />
            <x-choose
                :id="$laid->id"
                field="datum"
                label="measured from"
                :value="$fields->text('datum', 'left')"
                :options="[
                    'left' => 'the left edge',
                    'right' => 'the right edge',
                    'centre' => 'the centre',
                    'line' => 'a line of it',
                ]"
                whole
            />
            <x-act
                :edit="new BenchGlow\Edit\SetField($laid->id, 'loaded', !$fields->flag('loaded'))">{{ $fields->flag('loaded') ? 'It carries nothing' : 'It carries load or protects' }}</x-act>
        </div>
    </details>
@endif
@if ($laid->kind === 'panel')
    <details class="layout-more">
        <summary>Source by source</summary>
        <x-form
            op="points"
            echo="points-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-field
                id="points"
                label="or put where they are wanted, mm from the upper left"
                name="points"
                size="22"
                placeholder="120, 40; 180, 40"
                :value="implode(
                    '; ',
                    array_map(fn($p) => 1000 * $p[0] . ', ' . 1000 * $p[1], $laid->fields->items('points')),
                )"
            />
            <button class="button">Put them there</button><span
                class="echo"
                id="points-echo"
            ></span></x-form>
        @if ($laid->fields->integer('rows', 1) > 1 && count($page->dealable()) > 1)
            <x-form
                op="deal"
                echo="deal-echo"
                render="all"
                :with="['id' => $laid->id]"
                class="says"
            >
                @foreach ($page->dealable() as $light => [$label, $rows])
                    <x-field
                        :id="'deal-' . $light"
                        :label="'rows of ' . $label"
                        :name="'rows_' . $light"
                        size="8"
                        :value="$rows"
                    />
                @endforeach
                <button class="button">Deal the rows out</button><span
                    class="echo"
                    id="deal-echo"
                ></span>
            </x-form>
        @endif
    </details>
@endif
@if ($laid->kind === 'footprint')
    <details class="layout-more">
        <summary>What stands in the way ({{ count($laid->fields->items('shadows')) }})</summary>
        <x-form
            op="shadow"
            echo="shadow-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-field
                id="shadow-from"
                label="In the way of the light from"
                name="from"
                size="7"
            />
            <x-field
                id="shadow-to"
                label="to"
                name="to"
                size="7"
            />
            <x-field
                id="shadow-high"
                label="so high above what is lit"
                name="high"
                size="7"
            />
            <button class="button">It stands there</button><span
                class="echo"
                id="shadow-echo"
            ></span></x-form>
        @foreach ($laid->fields->objects('shadows') as $n => $shadow)
            <p>In the way from {{ $frame->length($shadow->number('from_m')) }} to
                {{ $frame->length($shadow->number('to_m')) }},
                {{ $shadow->number('height_m') > 0 ? $frame->length($shadow->number('height_m')) . ' up' : 'on it' }}.
                <x-act :edit="$page->withoutShadow($n)">It is gone</x-act>
            </p>
        @endforeach
    </details>
@endif
@if (in_array($laid->kind, ['panel', 'piece'], true))
    @php($text = $fields->object('outline')->object('text'))
    <details class="layout-more">
        <summary>Letters</summary>
        <x-form
            op="lettering"
            echo="words-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-field
                id="words"
                label="Words"
                name="words"
                size="16"
                :value="$text->text('words')"
            />
            <x-field
                id="cap"
                label="a capital is"
                name="cap"
                size="8"
                :value="$text->has('cap_m') ? $frame->length($text->number('cap_m')) : '0.12 m'"
            />
            <x-select
                id="letter-face"
                label="face"
                name="face"
                :options="['narrow' => 'narrow', 'bold' => 'bold', 'plain' => 'plain', 'mono' => 'even wide']"
                :value="$text->text('face', 'narrow')"
            />
            <x-field
                id="spacing"
                label="spacing, em"
                name="spacing"
                size="5"
                :value="$text->number('spacing_em')"
            />
            <x-field
                id="nudge"
                label="nudge each gap, em"
                name="nudge"
                size="10"
                :value="implode('; ', $text->items('nudge_em'))"
            />
            <button class="button">Set them</button><span
                class="echo"
                id="words-echo"
            ></span></x-form>
        @php($set = BenchGlow\Layout\Shapes::lettering($fields->object('outline')))
        @if ($set?->widest)
            <p class="muted">Widest gap: {{ BenchGlow\Quantity\Shown::plain(1000 * $set->widest[0], 1) }} mm, between
                {{ $set->widest[1] }} and {{ $set->widest[2] }}. A nudge closes it.</p>
        @endif
        @if ($set && $set->missing !== [])
            <p class="caution">This face lacks {{ implode(' ', $set->missing) }}; left out.</p>
        @endif
        @if ($page->islands() !== [])
            <p>Parts that fall out when it is cut, kept and fixed to the face:</p>
            <ul class="islands">
                @foreach ($page->islands() as $island)
                    <li><b>{{ $island['letter'] }}</b> {{ $island['name'] }},
                        {{ BenchGlow\Quantity\Shown::plain(1000 * $island['w'], 1) }} ×
                        {{ BenchGlow\Quantity\Shown::plain(1000 * $island['h'], 1) }} mm</li>
                @endforeach
            </ul>
        @endif
    </details>
    <details class="layout-more">
        <summary>Outline from a file</summary>
        <x-form
            op="import_outline"
            echo="import-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says stacked"
        >
            <label for="svg-file">An SVG drawing</label>
            <input
                type="file"
                id="svg-file"
                accept=".svg,image/svg+xml"
                data-reads="svg-text"
            >
            <label for="svg-text">or its text</label>
            <textarea
                class="typed"
                id="svg-text"
                name="svg"
                rows="3"
                cols="60"
            ></textarea>
            <x-field
                id="svg-wide"
                label="so wide, where the file does not say"
                name="wide"
                size="8"
            />
            <button class="button">Take its outline</button><span
                class="echo"
                id="import-echo"
            ></span>
        </x-form>
    </details>
@endif
@if ($laid->kind === 'footprint')
    <details class="layout-more">
        <summary>Who looks ({{ count($page->viewers()) }})</summary>
        <x-form
            op="add_viewer"
            echo="viewer-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-select
                id="viewer-kind"
                label="Who"
                name="kind"
                :options="App\Stations\Layout\Forms\AddViewerForm::KINDS"
            />
            <x-field
                id="viewer-x"
                label="along the path"
                name="x"
                size="7"
            />
            <x-field
                id="viewer-y"
                label="in front by"
                name="y"
                size="7"
            />
            <x-field
                id="viewer-z"
                label="below the lamps by"
                name="z"
                size="7"
            />
            <button class="button">Look from there</button><span
                class="echo"
                id="viewer-echo"
            ></span></x-form>
    </details>
@endif
@if ($laid->kind === 'sensor')
    <details
        class="layout-more"
        open
    >
        <summary>Trials ({{ count($fields->items('trials')) }})</summary>
        <x-form
            op="keep_trial"
            echo="trial-echo"
            render="all"
            :with="['id' => $laid->id]"
            class="says"
        >
            <x-field
                id="trial-at"
                label="At"
                name="place"
                size="6"
                :value="$page->trial()->next() === null
                    ? ''
                    : BenchGlow\Quantity\Shown::plain($page->trial()->next(), 1)"
            />
            <x-select
                id="trial-held"
                label="held by"
                name="held"
                :options="['tape' => 'tape', 'hand' => 'hand', 'fixed' => 'it is fixed']"
            />
            <button
                class="button"
                name="made"
                value="1"
            >It is made</button>
            <button
                class="button"
                name="made"
                value="0"
            >It is not</button><span
                class="echo"
                id="trial-echo"
            ></span></x-form>
    </details>
@endif
@if (in_array($laid->kind, ['piece', 'panel', 'hole_row', 'strip_path'], true))
    <details class="layout-more">
        <summary>Sheets to print</summary>
        @php($side = $page->isBack() ? 'back' : 'front')
        <p>True size, from the {{ $side }}:
            @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $paper => $label)
                <a
                    href="{{ $frame->to('layout.sheets', 'pdf') }}&only={{ $laid->id }}&side={{ $side }}&paper={{ $paper }}">PDF,
                    {{ $label }}</a> ·
            @endforeach
            <a
                href="{{ $frame->to('layout.sheets', 'svg') }}&only={{ $laid->id }}&side={{ $side }}">SVG</a>
            ·
            <a href="{{ $frame->to('layout.sheets', 'csv') }}&side={{ $side }}">all holes as a table</a>
        </p>
        <p class="muted">Print at 100 %, then measure the two bars before anything is drilled. Look behind first:
            wires, tanks, hoses. What carries load, holds pressure or protects somebody is not drilled.</p>
    </details>
@endif
<details class="layout-more">
    <summary>A true-size rule at the edge of the screen</summary>
    <p>Lay a bank card on the bar and make the bar as wide as it is.</p>
    <svg
        class="card-shape"
        width="324"
        height="40"
        aria-hidden="true"
    ></svg>
    <p><label for="card-width">Width of the bar</label>
        <input
            type="range"
            id="card-width"
            min="180"
            max="900"
            value="324"
        >
    </p>
    <p><label><input
                type="checkbox"
                id="true-size"
            > Show the rule on this screen</label></p>
</details>
@include('stations.layout.begin')
<x-form
    op="remove"
    render="all"
    :with="['id' => $laid->id]"
    :to="$frame->toEditAt(['lay' => ''])"
    class="act"
><button class="button is-small">Take this layout away</button></x-form>
