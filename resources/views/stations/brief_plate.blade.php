@php($f = $page->document->fields())
@include('stations.say')
@include('stations.day')
<h2>The build</h2>
<div class="says"><x-blank :page="$page" id="build" field="title" label="Build" size="24" :value="$page->document->title()"/>
<x-choose :page="$page" id="build" field="place" label="on a" :value="$f->text('place')" :options="App\View\Shelf::places()"/></div>
<h2>What feeds it</h2>
@foreach($page->analysis->build->supplies as $supply)
<div class="says" data-part="{{ $supply->id }}">
<x-blank :page="$page" :id="$supply->id" field="label" label="Supply" size="18" :value="$supply->label"/>
@foreach(['min_v' => ['low', $supply->minV], 'nominal_v' => ['normal', $supply->nominalV], 'max_v' => ['high', $supply->maxV]] as $field => [$label, $value])<x-blank :page="$page" :id="$supply->id" :field="$field" :label="$label" size="7" :value="BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Volts, $value)"/>@endforeach
@if($supply->isDriver())<x-blank :page="$page" :id="$supply->id" field="rated_w" label="rated" size="7" :value="$supply->ratedW === null ? '' : BenchGlow\Quantity\Shown::watts($supply->ratedW)"/>@else<x-blank :page="$page" :id="$supply->id" field="capacity_ah" label="holds" size="7" :value="$supply->capacityAh === null ? '' : BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::AmpHours, $supply->capacityAh)"/>@endif
<x-act :page="$page" :edit="['op' => 'remove', 'id' => $supply->id]" class="is-small">Remove {{ $supply->label }}</x-act>
</div>
@if($supply->isDriver())<p class="caution">Driver: take a certified limited-power one (SELV). Its mains side is work for a licensed electrician, by the local code. Load it to 80 % at most.</p>
@elseif(str_starts_with($supply->kind, 'lead') || str_starts_with($supply->kind, 'lifepo4'))<p class="caution">Battery: negative terminal off before you tap it, rings and tools off, the fuse goes in last. It gives hundreds of amps into a short.</p>@endif
@if($supply->kind === 'no_battery_12v')<p class="caution">Without a battery the volts ripple; let a rectifier with a capacitor smooth them, or expect flicker.</p>@endif
@endforeach
@include('stations.add_supply')
<h2>Who asked, and what they ruled out</h2>
<form class="blank wide-blank" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-trigger="change" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" echo="note-echo"/><input type="hidden" name="id" value="build"><input type="hidden" name="field" value="brief.note">
<label for="brief-note">Note</label><textarea class="typed" id="brief-note" name="text" rows="4" aria-describedby="note-echo">{{ $f->object('brief')->text('note') }}</textarea><span class="echo" id="note-echo"></span><noscript><button class="button is-small">Keep the note</button></noscript></form>
<h2>Facts the other stations obey</h2>
<ul class="facts">
@foreach($f->object('brief')->objects('facts') as $fact)
<li><b>{{ App\View\Shelf::FACTS[$fact->text('kind')] ?? $fact->text('kind') }}</b> {{ $fact->text('where') }}{{ $fact->has('value') ? ($fact->has('where') ? ': ' : '').$fact->text('value') : '' }}{{ $fact->text('kind') === 'needed_by' ? App\View\Shelf::daysTo($fact->text('value')) : '' }} <x-act :page="$page" :edit="['op' => 'remove', 'id' => $fact->text('id')]" class="is-small">Remove this fact</x-act></li>
@endforeach
</ul>
<form class="says" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page" echo="fact-echo"/><input type="hidden" name="op" value="add_fact"><input type="hidden" name="render" value="all">
<span class="blank"><label for="fact-kind">Fact</label><select class="typed" id="fact-kind" name="kind">@foreach(App\View\Shelf::FACTS as $kind => $text)<option value="{{ $kind }}">{{ $text }}</option>@endforeach</select></span>
<span class="blank"><label for="fact-where">where</label><input class="typed" id="fact-where" name="where" size="20"></span><span class="blank"><label for="fact-value">what</label><input class="typed" id="fact-value" name="value" size="20"></span>
<button class="button is-primary">Add the fact</button><span class="echo" id="fact-echo"></span></form>
<h2>Targets</h2>
<div class="says">
<x-blank :page="$page" id="build" field="settings.currency" label="Prices in" size="5" :value="$page->analysis->build->settings->currency"/>
<x-blank :page="$page" id="build" field="settings.uniformity_target" label="Dimmest lamp at least" size="6" :value="BenchGlow\Quantity\Shown::percent($page->analysis->build->settings->uniformityTarget)"/>
<x-blank :page="$page" id="build" field="settings.drop_target" label="Lost on the way at most" size="6" :value="BenchGlow\Quantity\Shown::plain(100 * $page->analysis->build->settings->dropTarget, 1).' %'"/>
<x-blank :page="$page" id="build" field="settings.fuse_distance_m" label="Fuse within" size="7" :value="BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Length, $page->analysis->build->settings->fuseDistanceM, $page->preference->units)"/></div>
@if(in_array($f->text('place'), ['road_vehicle', 'cycle'], true))<p class="caution">On the road, colour, position, flashing and brightness are regulated nearly everywhere, and brake and turn lamps must stay as approved. Check the rules where it will be used.</p>@endif
@if($f->text('place') === 'boat')<p class="caution">On the water nothing may imitate or mask a navigation light.</p>@endif
<form method="post" action="/b/{{ $page->build->key }}/take-down">@csrf<button class="button">Take this build off the wall</button></form>
