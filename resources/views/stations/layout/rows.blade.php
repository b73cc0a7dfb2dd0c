@php($laid = $page->laid)
@if ($laid->kind === 'strip_path')
    <details
        class="layout-more segments"
        @if ($frame->own('corner') !== '') open @endif
    >
        <summary>The path: {{ $page->pathWords() }}
        </summary>
        <ol class="segment-rows">
            @foreach ($laid->fields->objects('segments') as $n => $segment)
                <li @class(['here' => $frame->own('corner') === (string) $n])>
                    @if ($segment->has('corner') || $segment->has('deg'))
                        <x-form
                            op="corner"
                            :echo="'corner-' . $n . '-echo'"
                            on-change
                            render="all"
                            :with="['id' => $laid->id, 'n' => $n]"
                            class="says"
                        >
                            <x-select
                                :id="'corner-' . $n"
                                label="corner"
                                name="kind"
                                :options="App\Stations\Layout\Forms\CornerForm::KINDS"
                                :value="$segment->text('corner')"
                            />
                            <x-field
                                :id="'turn-' . $n"
                                label="turn, degrees"
                                name="deg"
                                size="5"
                                :value="$segment->number('deg', 90)"
                            />
                            <span
                                class="echo"
                                id="corner-{{ $n }}-echo"
                            ></span></x-form>
                        <x-act :edit="new BenchGlow\Edit\SetSegment($laid->id, $n, null)">Take it out</x-act>
                    @else
                        @include('stations.layout.size', [
                            'box' => "row-{$n}",
                            'field' => "segments.{$n}.straight_m",
                            'label' => 'straight',
                            'chars' => 9,
                            'class' => 'says',
                            'value' => $frame->length($segment->number('straight_m')),
                        ])
                        <x-choose
                            :id="$laid->id"
                            :field="'segments.' . $n . '.surface'"
                            label="on"
                            :value="$segment->text('surface')"
                            :options="[
                                '' => 'not said',
                                'painted' => 'paint',
                                'bare_metal' => 'bare metal',
                                'glass' => 'glass',
                                'smooth_plastic' => 'smooth plastic',
                                'grained_plastic' => 'grained plastic',
                                'waxy_plastic' => 'waxy plastic',
                                'wood' => 'wood',
                                'fabric' => 'fabric',
                                'rubber' => 'rubber',
                            ]"
                            whole
                        />
                        <x-choose
                            :id="$laid->id"
                            :field="'segments.' . $n . '.hold'"
                            label="held by"
                            :value="$segment->text('hold', 'tape')"
                            :options="[
                                'tape' => 'its tape',
                                'strong_tape' => 'strong tape',
                                'channel' => 'a channel',
                                'clips' => 'clips',
                                'glue' => 'glue',
                                'clamp' => 'a clamp',
                            ]"
                            whole
                        />
                    @endif
                </li>
            @endforeach
        </ol>
        <x-form
            op="corner"
            echo="new-corner-echo"
            render="all"
            :with="['id' => $laid->id, 'n' => count($laid->fields->items('segments')), 'new' => '1']"
            class="says"
        >
            <x-select
                id="new-corner"
                label="A corner more"
                name="kind"
                :options="App\Stations\Layout\Forms\CornerForm::KINDS"
            />
            <x-field
                id="new-turn"
                label="turn, degrees"
                name="deg"
                size="5"
                value="90"
            />
            <x-field
                id="new-then"
                label="then straight"
                name="then"
                size="9"
                placeholder="0.94 m"
            />
            <button class="button">Put it in</button><span
                class="echo"
                id="new-corner-echo"
            ></span></x-form>
        @include('stations.layout.sizes', [
            'fields' => [
                'laid_m' => 'laid dry along the path',
                'height_m' => 'lights what is below it by',
                ...$laid->side() === '' ? [] : ['accuracy_mm' => 'where the two meet, a step of at most'],
            ],
        ])
    </details>
@elseif ($laid->kind === 'hole_row')
    @include('stations.layout.sizes', [
        'fields' => [
            'length_m' => 'from edge to edge',
            'margin_m' => 'margin at the ends',
            'count' => 'holes',
            'pitch_m' => 'or their pitch',
            'edge_mm' => 'from the long edge',
            'width_mm' => 'the flat is wide',
            'hole_mm' => 'hole',
            'wall_mm' => 'the wall is thick',
            'wall_to_mm' => 'and at its thickest',
            ...$laid->side() === '' ? [] : ['accuracy_mm' => 'where the two meet, a step of at most'],
        ],
    ])
    @if ($page->row()->wallWords() !== '')
        <p>{{ BenchGlow\Quantity\Words::first($page->row()->wallWords()) }}.</p>
    @endif
    <div class="says">
        <x-choose
            :id="$laid->id"
            field="fit"
            label="hole"
            :value="$laid->fields->text('fit', 'nominal')"
            :options="[
                'nominal' => 'as wide as the body',
                'bezel' => 'as the bezel wants it',
                'tight' => 'tight, eased by file',
            ]"
            whole
        />
    </div>
@elseif ($laid->kind === 'panel')
    @include('stations.layout.sizes', [
        'fields' => [
            'rows' => 'rows',
            'depth_m' => 'deep',
            'pitch_m' => 'pitch',
            'edge_margin_m' => 'from the edge',
            'target' => 'even to',
            'reflectance' => 'inside reflects',
            'transmission' => 'face lets through',
        ],
    ])
    <div class="says">
        <x-choose
            :id="$laid->id"
            field="arrange"
            label="sources"
            :value="BenchGlow\Layout\Seat::arranged($laid->fields, $laid->light())"
            :options="[
                'rows' => 'in rows',
                'grid' => 'in a grid',
                'stroke' => 'along the strokes',
                'edge' => 'along the upper edge',
                'points' => 'where they were put',
            ]"
            whole
        />
    </div>
@elseif ($laid->kind === 'footprint')
    @include('stations.layout.sizes', [
        'fields' => array_diff_key(
            [
                'height_m' => 'lamps above it by',
                'lamps' => 'lamps',
                'spacing_m' => 'apart',
                'path_m' => 'path',
                'wall_m' => 'face behind them',
                'hood_m' => 'a lip in front',
            ],
            $laid->light()?->kind === 'strip' ? ['lamps' => 1, 'spacing_m' => 1] : []),
    ])
@elseif ($laid->kind === 'piece')
    @include('stations.layout.sizes', [
        'fields' => [
            'thickness_mm' => 'thick',
            ...$laid->fields->text('datum') === 'line' ? ['datum_m' => 'the line stands from the left edge'] : [],
        ],
    ])
@elseif ($laid->kind === 'stray')
    @include('stations.layout.sizes', ['fields' => ['hood_m' => 'a hood at the gap']])
@endif
@if ($page->before)
    <p class="in-step">Looked at; what is on the bench stands dashed. <a
            href="{{ $page->look(null) }}"
            hx-get="{{ $page->look(null) }}"
            hx-swap="none"
            hx-push-url="true"
        >Back to it</a></p>
@elseif ($page->use())
    <p class="acts use-this"><x-act
            :edit="$page->use()"
            class="is-primary"
            key="u"
        >Use this arrangement</x-act>
        <span class="muted">Lengths, counts and feeds go into the circuit, in one step that can be taken back.</span>
    </p>
@elseif ($laid->light() && $laid->kind !== 'stray')
    <p class="in-step">The circuit has it so.</p>
@endif
