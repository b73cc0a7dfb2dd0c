<details>
    <summary>Readings as a table</summary>
    <p><a href="{{ route('probe.csv', $frame->build, false) }}">Take the readings along as a table</a></p>
    <x-form
        op="import_readings"
        echo="table-echo"
        render="all"
    >
        <label for="table">Lines of a table, the first with its columns:
            wire,colour,tracer,way,with,to,powered,kind,value,word,instrument,on</label>
        <textarea
            class="typed"
            id="table"
            name="table"
            rows="4"
        ></textarea>
        <button class="button is-small">Take them in</button><span
            class="echo"
            id="table-echo"
        ></span>
    </x-form>
</details>
