module setfast

go 1.26
