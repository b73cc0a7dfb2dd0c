@php($shelf = App\View\Shelf::class)
<div class="sentences" id="sentences">
@foreach($page->lights() as $light)
<div class="says" data-part="{{ $light->id }}">
@if(count($page->lights()) > 1)<span class="lead-name">{{ $light->label }}</span>@endif
@if($light->kind === 'strip')
<x-blank :page="$page" :id="$light->id" field="wanted_m" label="Length" :value="BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Length, $light->wantedM(), $page->preference->units)" :echo="BenchGlow\Quantity\Shown::bothLengths($light->wantedM(), $page->preference->units)"/>
<x-choose :page="$page" :id="$light->id" field="part" op="use_part" label="of" :value="$light->part->text('id')" :options="$shelf::choices('strips', $page->document, 'strip')" whole/>
<x-choose :page="$page" :id="$light->id" field="fit" label="cut" :value="$light->fields->text('fit', 'down')" :options="['down' => 'down to a mark', 'up' => 'up past it']" :echo="$page->length($light->fit()->cutM).' · '.$light->fit()->units.' units'"/>
@elseif($light->kind === 'leds')
<x-blank :page="$page" :id="$light->id" field="count" label="Count" size="4" :value="$light->count()"/>
<x-choose :page="$page" :id="$light->id" field="part" op="use_part" label="of" :value="$light->part->text('id')" :options="$shelf::choices('leds', $page->document, 'led')" whole/>
<x-blank :page="$page" :id="$light->id" field="per_string" label="in series" size="4" :value="$light->fields->integer('per_string', 1)"/>
<x-blank :page="$page" :id="$light->id" field="ohm" label="with" :value="BenchGlow\Quantity\Shown::ohms($light->fields->number('ohm'))"/>
@if($light->strings()[1] > 0)<x-blank :page="$page" :id="$light->id" field="last_ohm" label="last string" :value="$light->fields->has('last_ohm') ? BenchGlow\Quantity\Shown::ohms($light->fields->number('last_ohm')) : ''"/>@endif
@else
<x-blank :page="$page" :id="$light->id" field="count" label="Count" size="4" :value="$light->count()"/>
<x-choose :page="$page" :id="$light->id" field="part" op="use_part" label="of" :value="$light->part->text('id')" :options="$shelf::choices('modules', $page->document, 'module')" whole/>
@if($light->count() > 1)<x-blank :page="$page" :id="$light->id" field="spacing_m" label="apart" :value="BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Length, $light->fields->number('spacing_m'), $page->preference->units)"/>@endif
@endif
<x-blank :page="$page" :id="$light->id" field="surface" label="sits on" size="14" :value="$light->fields->text('surface')"/>
@if(count($page->lights()) > 1)<x-act :page="$page" :edit="['op' => 'remove', 'id' => $light->id]" class="is-small" :aria-label="'Take off '.$light->label">Take off</x-act>@endif
</div>
@endforeach
@php($own = array_filter($page->analysis->build->leads, fn ($l) => $l->circuit === $page->circuit->id))
@if(count($own) > 2)<details class="leads"><summary>Its {{ count($own) }} leads: lengths, wire, fuses</summary>@endif
@foreach($own as $lead)
@if(true)
@php($figures = $page->analysis->leads[$lead->id])
<div class="says" data-part="{{ $lead->id }}">
<span class="lead-name">{{ $lead->label }}</span>
<x-blank :page="$page" :id="$lead->id" field="length_m" label="over" :value="$lead->lengthM === null ? '' : BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Length, $lead->lengthM, $page->preference->units)" :echo="$lead->lengthM === null ? 'length missing' : BenchGlow\Quantity\Shown::bothLengths($lead->lengthM, $page->preference->units)"/>
<x-choose :page="$page" :id="$lead->id" field="wire" op="set_wire" label="of" :value="$lead->wire === null ? 'recommended' : $shelf::wireKey($figures->wire)" :options="$shelf::wires($figures, $page->preference->wire)"/>
@foreach($lead->inline as $thing)
@if($thing->kind === 'fuse')
<x-choose :page="$page" :id="$thing->id" field="fuse_a" :label="'fuse '.$thing->id" :value="$thing->fuseA === null ? 'recommended' : BenchGlow\Quantity\Shown::plain($thing->fuseA).' A'" :options="$shelf::fuses($page->analysis->fuses[$thing->id], $thing->form)"/>
<x-blank :page="$page" :id="$thing->id" field="at_m" label="set in at" :value="BenchGlow\Quantity\Shown::forField(BenchGlow\Quantity\Unit::Length, $thing->atM, $page->preference->units)"/>
@elseif($thing->kind === 'resistor')
<x-blank :page="$page" :id="$thing->id" field="ohm" :label="'resistor '.$thing->id" :value="BenchGlow\Quantity\Shown::ohms($thing->ohm)"/>
@endif
@endforeach
@if(array_filter($lead->inline, fn ($t) => $t->kind === 'plug') === [])<form class="act" method="post" action="{{ $page->to('edit') }}" hx-post="{{ $page->to('edit') }}" hx-swap="none" hx-include="#base" hx-sync="#bench:queue all"><x-hidden :page="$page"/><input type="hidden" name="op" value="add_plug"><input type="hidden" name="id" value="{{ $lead->id }}"><input type="hidden" name="render" value="all"><button class="button is-small" aria-label="Put a plug in {{ BenchGlow\Quantity\Words::within($lead->label) }}">Put a plug in</button></form>
@else
@php($plug = array_values(array_filter($lead->inline, fn ($t) => $t->kind === 'plug'))[0])
@php($others = array_filter($page->analysis->build->leads, fn ($l) => $l->id !== $lead->id && array_filter($l->inline, fn ($t) => $t->plug === $plug->plug) !== []))
<x-act :page="$page" :edit="['op' => 'batch', 'edits' => [['op' => 'remove', 'id' => $plug->id], ...($others === [] ? [['op' => 'remove', 'id' => $plug->plug]] : [])]]" class="is-small" :aria-label="'Take the plug out of '.BenchGlow\Quantity\Words::within($lead->label)">Take the plug out</x-act>@endif
</div>
@endif
@endforeach
@if(count($own) > 2)</details>@endif
</div>
