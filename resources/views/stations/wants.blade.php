<details class="wants" @if($page->circuit->wants === []) open @endif><summary>What should glow, and when ({{ count($page->circuit->wants) }})</summary>
<p class="muted">For a lamp the first line that holds counts; none holds: it should be dark.</p>
@foreach($page->circuit->wants as $n => $want)
<div class="says"><span class="lead-name">{{ $n + 1 }}.</span>
<x-blank :page="$page" :id="$want->id" field="glow" op="set_glow" label="What" size="18" :value="implode(', ', $want->glow)"/>
<x-blank :page="$page" :id="$want->id" field="when" op="set_when" label="when" size="28" :value="BenchGlow\Build\WhenText::say($want->when->data, $page->document)"/>
<x-choose :page="$page" :id="$want->id" field="level" label="how bright" :value="$want->level" :options="['on' => 'on', 'low' => 'low', 'high' => 'bright', 'free' => 'as it likes']"/>
<x-act :page="$page" :edit="['op' => 'set', 'id' => $want->id, 'field' => 'flash', 'value' => ! $want->flash]" class="is-small">{{ $want->flash ? 'Flashes: let it be steady' : 'Steady: let it flash' }}</x-act>
@if($n > 0)<x-act :page="$page" :edit="['op' => 'move', 'id' => $want->id, 'before' => $page->circuit->wants[$n - 1]->id]" class="is-small" :aria-label="'Earlier: line '.($n + 1)">Earlier</x-act>@endif
<x-act :page="$page" :edit="['op' => 'remove', 'id' => $want->id]" class="is-small" :aria-label="'Take out line '.($n + 1)">Take out</x-act></div>
@endforeach
<form method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all" class="adder-form"><x-hidden :page="$page" echo="want-echo"/><input type="hidden" name="op" value="add_want"><input type="hidden" name="circuit" value="{{ $page->circuit->id }}"><input type="hidden" name="render" value="all">
<span class="blank"><label for="want-glow">Another lamp</label><input class="typed" id="want-glow" name="glow" size="18" placeholder="all of them" autocomplete="off"></span>
<span class="blank"><label for="want-when">glows when</label><input class="typed" id="want-when" name="text" size="28" placeholder="lid up and not dusk" autocomplete="off" list="inputs-said"></span>
<span class="blank"><label for="want-level">how bright</label><select class="typed" id="want-level" name="level"><option value="on">on</option><option value="low">low</option><option value="high">bright</option><option value="free">as it likes</option></select></span>
<label class="pick"><input type="checkbox" name="flash" value="1"> flashing</label>
<button class="button is-primary">Add the line</button><span class="echo" id="want-echo"></span></form>
<datalist id="inputs-said">@foreach($page->document->fields()->objects('inputs') as $input)@foreach($page->analysis->build->positions($input->text('id')) as $position)<option value="{{ BenchGlow\Quantity\Words::within($input->text('label', $input->text('id'))) }} {{ $position }}"></option>@endforeach @endforeach</datalist>
</details>
