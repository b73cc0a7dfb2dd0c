@php($way = $page->way($lead))
<div class="wire-open">
    <p>{{ $lead->label }},
        {{ $page->wayWords($way) }}.
        @if ($way->rawM !== null)
            By its way it wants {{ $frame->length($way->rawM) }}: {{ $frame->length($way->wayM) }} along stretches, the
            rest slack, reach,
            ends and loops.
        @endif
    </p>
    <div class="says">
        <x-form
            op="string_length"
            :echo="'w-' . $lead->id . '-echo'"
            render="all"
            :with="['id' => $lead->id]"
            class="says"
        >
            <x-field
                :id="'w-' . $lead->id"
                label="length"
                name="text"
                size="8"
                :value="$lead->lengthM === null ? '' : $frame->length($lead->lengthM)"
            />
            <x-select
                :id="'wf-' . $lead->id"
                label="known as"
                name="from"
                :options="App\Stations\Harness\Forms\StringForm::FROM"
                :value="$lead->lengthFrom ?: 'strung'"
            />
            <button class="button">Keep</button><span
                class="echo"
                id="w-{{ $lead->id }}-echo"
            ></span></x-form>
        <x-form
            op="set_way"
            :echo="'wo-' . $lead->id . '-echo'"
            on-change
            render="all"
            :with="['id' => $lead->id]"
        >
            <x-select
                :id="'wo-' . $lead->id"
                label="goes"
                name="over"
                :options="['' => 'the shortest way'] + array_map(fn($p) => 'over ' . $p, $page->places())"
                :value="''"
            /><span
                class="echo"
                id="wo-{{ $lead->id }}-echo"
            ></span></x-form>
    </div>
    @foreach ([0 => 'From', 1 => 'To'] as $e => $word)
        @php($end = $page->list->end($lead, 1, $e))
        <div class="says">
            <p><b>{{ $word }} {{ $page->list->labels->pin($end['pin']) }}</b></p>
            <x-form
                op="lead_end"
                :echo="'we-' . $e . '-echo'"
                on-change
                render="all"
                :with="['id' => $lead->id, 'end' => $e]"
            >
                <x-select
                    :id="'we-' . $e . '-' . $lead->id"
                    label="end"
                    name="text"
                    :options="App\Stations\Harness\Choices::ENDS"
                    :value="$end['end'] ?? ''"
                /><span
                    class="echo"
                    id="we-{{ $e }}-echo"
                ></span></x-form>
            @if ($end['pin'] !== null)
                <x-form
                    op="move_thing"
                    :echo="'wp-' . $e . '-echo'"
                    on-change
                    render="all"
                    :with="['id' => explode('.', $end['pin'])[0]]"
                >
                    <x-select
                        :id="'wp-' . $e . '-' . $lead->id"
                        label="sits at"
                        name="place"
                        :options="['' => 'where its wires say'] + $page->places()"
                        :value="$page->statedPlace($end['pin'])"
                    /><span
                        class="echo"
                        id="wp-{{ $e }}-echo"
                    ></span></x-form>
            @endif
            <p class="muted">{{ $page->endWords($end) }}</p>
        </div>
    @endforeach
</div>
